import type { DemoPerson, Me, SignInRequest } from '@kesto/contract';
import type { UnitPreferences } from '@kesto/core';
import { api } from '@/api/api';

const sessionApi = api.injectEndpoints({
  endpoints: (build) => ({
    me: build.query<Me, void>({ query: () => 'session', providesTags: ['Me'] }),
    demoPeople: build.query<readonly DemoPerson[], void>({ query: () => 'demo/people' }),
    signIn: build.mutation<unknown, SignInRequest>({ query: (body) => ({ url: 'session', method: 'POST', body }) }),
    signOut: build.mutation<unknown, void>({ query: () => ({ url: 'session', method: 'DELETE' }) }),
    putUnits: build.mutation<Me, UnitPreferences>({ query: (body) => ({ url: 'me/units', method: 'PUT', body }), invalidatesTags: ['Me'] }),
  }),
});

export const { useMeQuery, useDemoPeopleQuery, useSignInMutation, useSignOutMutation, usePutUnitsMutation } = sessionApi;
