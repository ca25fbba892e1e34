import type { JobView, JointSummary, PutJobEntryRequest, VanStock } from '@kesto/contract';
import { api } from '@/api/api';

const jobsApi = api.injectEndpoints({
  endpoints: (build) => ({
    job: build.query<JobView, string>({ query: (id) => `jobs/${id}`, providesTags: (_r, _e, id) => [{ type: 'Job', id }] }),
    van: build.query<VanStock, void>({ query: () => 'van', providesTags: ['Van'] }),
    putJobEntry: build.mutation<JobView, { jobId: string; entryId: string; body: PutJobEntryRequest }>({
      query: ({ jobId, entryId, body }) => ({ url: `jobs/${jobId}/entries/${entryId}`, method: 'PUT', body }),
      invalidatesTags: (_r, _e, { jobId }) => [{ type: 'Job', id: jobId }, 'Joint'],
    }),
    putJoint: build.mutation<JointSummary, { jobId: string; jointId: string; title: string }>({
      query: ({ jobId, jointId, title }) => ({ url: `jobs/${jobId}/joints/${jointId}`, method: 'PUT', body: { title } }),
      invalidatesTags: (_r, _e, { jobId }) => [{ type: 'Job', id: jobId }, 'Today', 'Joint'],
    }),
  }),
});

export const { useJobQuery, useVanQuery, usePutJobEntryMutation, usePutJointMutation } = jobsApi;
