import type { Answer, Body } from '@kesto/contract';
import { api } from './api';
import { call } from './call';

export const sessionApi = api.injectEndpoints({
  endpoints: (build) => ({
    me: build.query<Answer<'me'>, void>({ query: () => call('me', {}), providesTags: ['Me'] }),
    demoPeople: build.query<Answer<'demoPeople'>, void>({ query: () => call('demoPeople', {}) }),
    signIn: build.mutation<Answer<'signIn'>, Body<'signIn'>>({ query: (body) => call('signIn', {}, body) }),
    readInvite: build.query<Answer<'readInvite'>, Body<'readInvite'>>({ query: (body) => call('readInvite', {}, body) }),
    join: build.mutation<Answer<'join'>, Body<'join'>>({ query: (body) => call('join', {}, body) }),
    search: build.query<Answer<'search'>, string>({ query: (text) => call('search', { text }), keepUnusedDataFor: 0 }),
    signOut: build.mutation<Answer<'signOut'>, void>({ query: () => call('signOut', {}) }),
  }),
});

type Known = Parameters<ReturnType<typeof sessionApi.endpoints.me.select>>[0];

/** Who is signed in, and in which shop, as far as it is known. */
export const signedIn = (state: Known) => sessionApi.endpoints.me.select()(state).data ?? null;
export const signedInPerson = (state: Known) => signedIn(state)?.person ?? null;

export const {
  useMeQuery,
  useDemoPeopleQuery,
  useSignInMutation,
  useSignOutMutation,
  useReadInviteQuery,
  useJoinMutation,
  useSearchQuery,
} = sessionApi;
