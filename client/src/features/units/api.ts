import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const unitsApi = api.injectEndpoints({
  endpoints: (build) => ({
    sites: build.query<Answer<'sites'>, void>({ query: () => call('sites', {}), providesTags: ['Unit'] }),
    units: build.query<Answer<'units'>, void>({ query: () => call('units', {}), providesTags: ['Unit'] }),
    unit: build.query<Answer<'getUnit'>, string>({ query: (unit) => call('getUnit', { unit }), providesTags: ['Unit'] }),
    putSite: build.mutation<Answer<'putSite'>, { id: string; body: Body<'putSite'> }>({
      query: ({ id, body }) => call('putSite', { site: id }, body),
      invalidatesTags: ['Unit', 'Job', 'Joint'],
    }),
    putUnit: build.mutation<Answer<'putUnit'>, { id: string; body: Body<'putUnit'> }>({
      query: ({ id, body }) => call('putUnit', { unit: id }, body),
      invalidatesTags: ['Unit', 'Today', 'Job', 'Joint'],
    }),
  }),
});

export const { useSitesQuery, useUnitsQuery, useUnitQuery, usePutSiteMutation, usePutUnitMutation } = unitsApi;
