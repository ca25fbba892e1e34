import type { UnitPreferences } from '@kesto/core';
import { get, post, put, remove } from '../route';
import { EVERYBODY, type DemoPerson, type Done, type Me, type SignInRequest } from './types';

export const SESSION_ROUTES = {
  demoPeople: get<readonly DemoPerson[]>()('/api/demo/people', { summary: 'Demo sign-ins; empty outside demo mode', roles: 'anyone' }),
  signIn: post<SignInRequest, Done>()('/api/session', { summary: 'Sign in', roles: 'anyone' }),
  me: get<Me>()('/api/session', { summary: 'Who is signed in', roles: EVERYBODY }),
  signOut: remove<Done>()('/api/session', { summary: 'Sign out', roles: EVERYBODY }),
  putUnits: put<UnitPreferences, Me>()('/api/me/units', { summary: 'Units one person reads in', roles: EVERYBODY }),
} as const;
