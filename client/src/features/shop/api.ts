import type { Answer } from '@kesto/contract';
import type { Schools } from '@kesto/core';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { thing, usePendingBody, type Write } from '@/outbox';

const shopApi = api.injectEndpoints({
  endpoints: (build) => ({
    schools: build.query<Answer<'getSchools'>, void>({ query: () => call('getSchools', {}), providesTags: ['Schools'] }),
  }),
});

const { useSchoolsQuery } = shopApi;

export const useShopSchools = () => usePendingBody(useSchoolsQuery(), thing.schools, 'putSchools');

export const schoolsWrite = (body: Schools): Write<'putSchools'> => ({
  route: 'putSchools',
  params: {},
  body,
  things: [thing.schools],
  changes: ['Schools'],
});
