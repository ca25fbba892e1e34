import type { Answer, VanStock } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { thing, usePendingBody, type Write } from '@/outbox';
import { madeFrom } from '@/outbox/madeFrom';

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

/** `before` is what was counted from. */
export const vanWrite = (body: VanStock, before: VanStock): Write<'putVan'> => ({
  route: 'putVan',
  params: {},
  body,
  about: [thing.van],
  needs: [],
  makes: null,
  madeFrom: madeFrom(before),
  changes: ['Van'],
});
