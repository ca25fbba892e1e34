import type { UnitPreferences } from '@kesto/core';
import { get, post, put, remove } from '../route';
import { EVERYBODY, type DemoPerson, type Done, type Me, type SignInRequest } from './types';

export const SESSION_ROUTES = {
  demoPeople: get<readonly DemoPerson[]>()('/api/demo/people', 'anyone'),
  signIn: post<SignInRequest, Done>()('/api/session', 'anyone'),
  me: get<Me>()('/api/session', EVERYBODY),
  signOut: remove<Done>()('/api/session', EVERYBODY),
  putUnits: put<UnitPreferences, Me>()('/api/me/units', EVERYBODY),
} as const;
