import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const changes = (_result: unknown, _error: unknown, { jointId }: { jointId: string }) => [
  { type: 'Joint' as const, id: jointId },
  'Joint' as const,
  'Job' as const,
  'Today' as const,
];

const jointApi = api.injectEndpoints({
  endpoints: (build) => ({
    joint: build.query<Answer<'getJoint'>, string>({
      query: (joint) => call('getJoint', { joint }),
      providesTags: (_r, _e, id) => [{ type: 'Joint', id }],
    }),
    findJoint: build.query<Answer<'findJoint'>, string>({ query: (tag) => call('findJoint', { tag }) }),
    putPlan: build.mutation<Answer<'putPlan'>, { jointId: string; planId: string; body: Body<'putPlan'> }>({
      query: ({ jointId, planId, body }) => call('putPlan', { joint: jointId, plan: planId }, body),
      invalidatesTags: changes,
    }),
    putEntry: build.mutation<Answer<'putEntry'>, { jointId: string; entryId: string; body: Body<'putEntry'> }>({
      query: ({ jointId, entryId, body }) => call('putEntry', { joint: jointId, entry: entryId }, body),
      invalidatesTags: changes,
    }),
    putPhoto: build.mutation<Answer<'putPhoto'>, { source: string; file: Blob }>({
      query: ({ source, file }) => ({
        ...call('putPhoto', { source }),
        body: file,
        headers: { 'content-type': 'application/octet-stream' },
      }),
    }),
    record: build.query<Answer<'exportRecord'>, string>({ query: (joint) => call('exportRecord', { joint }), keepUnusedDataFor: 0 }),
  }),
});

export const { useJointQuery, useLazyFindJointQuery, usePutPlanMutation, usePutEntryMutation, usePutPhotoMutation, useLazyRecordQuery } =
  jointApi;
