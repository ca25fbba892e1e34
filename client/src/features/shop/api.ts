import type { Schools } from '@kesto/core';
import { api } from '@/api/api';

const shopApi = api.injectEndpoints({
  endpoints: (build) => ({
    schools: build.query<Schools, void>({ query: () => 'schools', providesTags: ['Schools'] }),
    putSchools: build.mutation<Schools, Schools>({
      query: (body) => ({ url: 'schools', method: 'PUT', body }),
      invalidatesTags: ['Schools'],
    }),
  }),
});

export const { useSchoolsQuery, usePutSchoolsMutation } = shopApi;
