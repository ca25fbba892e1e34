import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const vanApi = api.injectEndpoints({
  endpoints: (build) => ({
    van: build.query<Answer<'van'>, void>({ query: () => call('van', {}), providesTags: ['Van'] }),
    putVan: build.mutation<Answer<'putVan'>, Body<'putVan'>>({ query: (body) => call('putVan', {}, body), invalidatesTags: ['Van'] }),
  }),
});

export const { useVanQuery, usePutVanMutation } = vanApi;
