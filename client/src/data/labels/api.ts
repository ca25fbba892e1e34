import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const labelApi = api.injectEndpoints({
  endpoints: (build) => ({
    readLabel: build.mutation<Answer<'readLabel'>, Body<'readLabel'>>({ query: (label) => call('readLabel', {}, label) }),
  }),
});

export const { useReadLabelMutation } = labelApi;
