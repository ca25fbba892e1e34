import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const jobsApi = api.injectEndpoints({
  endpoints: (build) => ({
    job: build.query<Answer<'getJob'>, string>({
      query: (job) => call('getJob', { job }),
      providesTags: (_r, _e, id) => [{ type: 'Job', id }],
    }),
    putJob: build.mutation<Answer<'putJob'>, { id: string; body: Body<'putJob'> }>({
      query: ({ id, body }) => call('putJob', { job: id }, body),
      invalidatesTags: ['Today', 'Job'],
    }),
    putJobEntry: build.mutation<Answer<'putJobEntry'>, { jobId: string; entryId: string; body: Body<'putJobEntry'> }>({
      query: ({ jobId, entryId, body }) => call('putJobEntry', { job: jobId, entry: entryId }, body),
      invalidatesTags: (_r, _e, { jobId }) => [{ type: 'Job', id: jobId }, 'Joint'],
    }),
    putJoint: build.mutation<Answer<'putJoint'>, { jobId: string; jointId: string; title: string }>({
      query: ({ jobId, jointId, title }) => call('putJoint', { job: jobId, joint: jointId }, { title }),
      invalidatesTags: (_r, _e, { jobId }) => [{ type: 'Job', id: jobId }, 'Today', 'Joint'],
    }),
  }),
});

export const { useJobQuery, usePutJobEntryMutation, usePutJobMutation, usePutJointMutation } = jobsApi;
