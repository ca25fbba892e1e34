import type { JointView, PutEntryRequest, PutPlanRequest, StoredPhoto, StoredPlan } from '@kesto/contract';
import type { ExportedRecord, RecordEntry } from '@kesto/core';
import { api } from '@/api/api';

const changes = (_result: unknown, _error: unknown, { jointId }: { jointId: string }) => [
  { type: 'Joint' as const, id: jointId },
  'Joint' as const,
  'Job' as const,
  'Today' as const,
];

const jointApi = api.injectEndpoints({
  endpoints: (build) => ({
    joint: build.query<JointView, string>({ query: (id) => `joints/${id}`, providesTags: (_r, _e, id) => [{ type: 'Joint', id }] }),
    findJoint: build.query<JointView, string>({ query: (tag) => `find/${encodeURIComponent(tag)}` }),
    putPlan: build.mutation<StoredPlan & { engineDiffers: boolean }, { jointId: string; planId: string; body: PutPlanRequest }>({
      query: ({ jointId, planId, body }) => ({ url: `joints/${jointId}/plans/${planId}`, method: 'PUT', body }),
      invalidatesTags: changes,
    }),
    putEntry: build.mutation<RecordEntry, { jointId: string; entryId: string; body: PutEntryRequest }>({
      query: ({ jointId, entryId, body }) => ({ url: `joints/${jointId}/entries/${entryId}`, method: 'PUT', body }),
      invalidatesTags: changes,
    }),
    putPhoto: build.mutation<StoredPhoto, { source: string; file: Blob }>({
      query: ({ source, file }) => ({
        url: `photos/${source}`,
        method: 'PUT',
        body: file,
        headers: { 'content-type': 'application/octet-stream' },
      }),
    }),
    record: build.query<ExportedRecord, string>({ query: (id) => `joints/${id}/record.json`, keepUnusedDataFor: 0 }),
  }),
});

export const { useJointQuery, useLazyFindJointQuery, usePutPlanMutation, usePutEntryMutation, usePutPhotoMutation, useLazyRecordQuery } =
  jointApi;
