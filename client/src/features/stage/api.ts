import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const stageApi = api.injectEndpoints({
  endpoints: (build) => ({
    overruleBeside: build.mutation<Answer<'overruleBeside'>, { job: string; entry: string; body: Body<'overruleBeside'> }>({
      query: ({ job, entry, body }) => call('overruleBeside', { job, entry }, body),
      invalidatesTags: (_r, _e, { job }) => [{ type: 'Job', id: job }, 'Today', 'Joint'],
    }),
  }),
});

export const { useOverruleBesideMutation } = stageApi;
