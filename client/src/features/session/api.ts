import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const sessionApi = api.injectEndpoints({
  endpoints: (build) => ({
    me: build.query<Answer<'me'>, void>({ query: () => call('me', {}), providesTags: ['Me'] }),
    demoPeople: build.query<Answer<'demoPeople'>, void>({ query: () => call('demoPeople', {}) }),
    signIn: build.mutation<Answer<'signIn'>, Body<'signIn'>>({ query: (body) => call('signIn', {}, body) }),
    signOut: build.mutation<Answer<'signOut'>, void>({ query: () => call('signOut', {}) }),
    putUnits: build.mutation<Answer<'putUnits'>, Body<'putUnits'>>({
      query: (body) => call('putUnits', {}, body),
      invalidatesTags: ['Me'],
    }),
  }),
});

export const { useMeQuery, useDemoPeopleQuery, useSignInMutation, useSignOutMutation, usePutUnitsMutation } = sessionApi;
