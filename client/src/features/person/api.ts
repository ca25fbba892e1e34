import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const personApi = api.injectEndpoints({
  endpoints: (build) => ({
    signIns: build.query<Answer<'signIns'>, void>({ query: () => call('signIns', {}), providesTags: ['SignIns'] }),
    endSignIn: build.mutation<Answer<'endSignIn'>, string>({
      query: (session) => call('endSignIn', { session }),
      invalidatesTags: ['SignIns'],
    }),
    putPassword: build.mutation<Answer<'putPassword'>, Body<'putPassword'>>({
      query: (body) => call('putPassword', {}, body),
      invalidatesTags: ['SignIns'],
    }),
  }),
});

export const { useSignInsQuery, useEndSignInMutation, usePutPasswordMutation } = personApi;
