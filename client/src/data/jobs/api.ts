import type { Answer } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const jobsApi = api.injectEndpoints({
  endpoints: (build) => ({
    job: build.query<Answer<'getJob'>, string>({
      query: (job) => call('getJob', { job }),
      providesTags: (_r, _e, id) => [{ type: 'Job', id }],
    }),
  }),
});

export const { useJobQuery } = jobsApi;
