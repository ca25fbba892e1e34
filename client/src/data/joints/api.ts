import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const jointApi = api.injectEndpoints({
  endpoints: (build) => ({
    joint: build.query<Answer<'getJoint'>, string>({
      query: (joint) => call('getJoint', { joint }),
      providesTags: (_r, _e, id) => [{ type: 'Joint', id }],
    }),
    erase: build.mutation<Answer<'eraseOfJoint'>, { joint: string; id: string; body: Body<'eraseOfJoint'> }>({
      query: ({ joint, id, body }) => call('eraseOfJoint', { joint, entry: id }, body),
      invalidatesTags: (_r, _e, { joint }) => [{ type: 'Joint', id: joint }],
    }),
    findJoint: build.query<Answer<'findJoint'>, string>({ query: (tag) => call('findJoint', { tag }) }),
  }),
});

export const jointEndpoint = jointApi.endpoints.joint;
export const { useEraseMutation, useJointQuery, useLazyFindJointQuery } = jointApi;
