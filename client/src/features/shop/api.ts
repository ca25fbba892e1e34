import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const shopApi = api.injectEndpoints({
  endpoints: (build) => ({
    schools: build.query<Answer<'getSchools'>, void>({ query: () => call('getSchools', {}), providesTags: ['Schools'] }),
    putSchools: build.mutation<Answer<'putSchools'>, Body<'putSchools'>>({
      query: (body) => call('putSchools', {}, body),
      invalidatesTags: ['Schools'],
    }),
  }),
});

export const { useSchoolsQuery, usePutSchoolsMutation } = shopApi;
