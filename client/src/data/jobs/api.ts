import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const jobsApi = api.injectEndpoints({
  endpoints: (build) => ({
    job: build.query<Answer<'getJob'>, string>({
      query: (job) => call('getJob', { job }),
      providesTags: (_r, _e, id) => [{ type: 'Job', id }],
    }),
    setReport: build.mutation<Answer<'setReport'>, { readonly job: string; readonly entry: string; readonly body: Body<'setReport'> }>({
      query: ({ body, ...of }) => call('setReport', of, body),
      invalidatesTags: (_r, _e, { job }) => [{ type: 'Job', id: job }],
    }),
  }),
});

export const { useJobQuery, useSetReportMutation } = jobsApi;
