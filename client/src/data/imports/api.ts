import type { Answer } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const importApi = api.injectEndpoints({
  endpoints: (build) => ({
    imports: build.query<Answer<'imports'>, void>({ query: () => call('imports', {}), providesTags: ['Import'] }),
    setImport: build.mutation<Answer<'setImport'>, { sha256: string; file: Blob }>({
      query: ({ sha256, file }) => ({ ...call('setImport', { sha256 }), body: file }),
      invalidatesTags: ['Import'],
    }),
  }),
});

export const { useImportsQuery, useSetImportMutation } = importApi;
