import type { Answer } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const jointApi = api.injectEndpoints({
  endpoints: (build) => ({
    joint: build.query<Answer<'getJoint'>, string>({
      query: (joint) => call('getJoint', { joint }),
      providesTags: (_r, _e, id) => [{ type: 'Joint', id }],
    }),
    findJoint: build.query<Answer<'findJoint'>, string>({ query: (tag) => call('findJoint', { tag }) }),
    record: build.query<Answer<'exportRecord'>, string>({ query: (joint) => call('exportRecord', { joint }), keepUnusedDataFor: 0 }),
  }),
});

export const { useJointQuery, useLazyFindJointQuery, useLazyRecordQuery } = jointApi;
