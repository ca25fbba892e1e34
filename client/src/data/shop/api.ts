import type { Answer } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { thing, usePendingBody } from '@/outbox';

const shopApi = api.injectEndpoints({
  endpoints: (build) => ({
    schools: build.query<Answer<'getSchools'>, void>({ query: () => call('getSchools', {}), providesTags: ['Schools'] }),
  }),
});

const { useSchoolsQuery } = shopApi;

export const useShopSchools = () => usePendingBody(useSchoolsQuery(), thing.schools, 'putSchools');
