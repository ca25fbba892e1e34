import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const sealApi = api.injectEndpoints({
  endpoints: (build) => ({
    seal: build.query<Answer<'seal'>, void>({ query: () => call('seal', {}), providesTags: ['Me'], keepUnusedDataFor: 0 }),
    continued: build.query<Answer<'continued'>, number>({
      query: (size) => call('continued', { size: String(size) }),
      keepUnusedDataFor: 0,
    }),
    setShopKey: build.mutation<Answer<'setShopKey'>, Body<'setShopKey'>>({
      query: (body) => call('setShopKey', {}, body),
      invalidatesTags: ['Me'],
    }),
    setServer: build.mutation<Answer<'setServer'>, void>({ query: () => call('setServer', {}, { sure: true }), invalidatesTags: ['Me'] }),
  }),
});

export const { useSealQuery, useLazyContinuedQuery, useSetShopKeyMutation, useSetServerMutation } = sealApi;
