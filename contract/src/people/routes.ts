import { get, post, put, remove } from '../route';
import { EVERYBODY, LEADS, type Done } from '../session/types';
import type {
  CodeRequest,
  Invitation,
  InviteView,
  JoinRequest,
  LeftRequest,
  People,
  PersonKept,
  PersonView,
  PutInviteRequest,
  PutPasswordRequest,
  PutPersonRequest,
  RoleRequest,
  SignInView,
} from './types';

export const PEOPLE_ROUTES = {
  people: get<People>()('/api/people', EVERYBODY),
  putPerson: put<PutPersonRequest, PersonKept>()('/api/people/:person', LEADS),
  setRole: post<RoleRequest, PersonView>()('/api/people/:person/role', LEADS),
  setLeft: post<LeftRequest, PersonView>()('/api/people/:person/left', LEADS),
  putInvite: put<PutInviteRequest, InviteView>()('/api/invites/:invite', LEADS),
  dropInvite: remove<Done>()('/api/invites/:invite', LEADS),
  readInvite: post<CodeRequest, Invitation>()('/api/join/code', 'anyone'),
  join: post<JoinRequest, Done>()('/api/join', 'anyone'),
  putPassword: put<PutPasswordRequest, Done>()('/api/me/password', EVERYBODY),
  signIns: get<readonly SignInView[]>()('/api/me/sessions', EVERYBODY),
  endSignIn: remove<Done>()('/api/me/sessions/:session', EVERYBODY),
} as const;
