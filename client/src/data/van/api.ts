import type { Answer } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { thing, usePendingBody } from '@/outbox';

const vanApi = api.injectEndpoints({
  endpoints: (build) => ({
    van: build.query<Answer<'van'>, void>({ query: () => call('van', {}), providesTags: ['Van'] }),
    vanUse: build.query<Answer<'vanUse'>, void>({ query: () => call('vanUse', {}), providesTags: ['Van', 'Joint'] }),
  }),
});

const { useVanQuery } = vanApi;
export const { useVanUseQuery } = vanApi;

/** The van as it was counted last, here or by the server's word. */
export const useVanStock = () => usePendingBody(useVanQuery(), thing.van, 'putVan');
