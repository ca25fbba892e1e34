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
  people: get<People>()('/api/people', { summary: 'The shop’s people, and who is asked in', roles: EVERYBODY }),
  putPerson: put<PutPersonRequest, PersonKept>()('/api/people/:person', { summary: 'Name and approvals of a person', roles: LEADS }),
  setRole: post<RoleRequest, PersonView>()('/api/people/:person/role', { summary: 'Give a person another role', roles: LEADS }),
  setLeft: post<LeftRequest, PersonView>()('/api/people/:person/left', {
    summary: 'Say that a person left the shop, or is back',
    roles: LEADS,
  }),
  putInvite: put<PutInviteRequest, InviteView>()('/api/invites/:invite', { summary: 'Ask somebody in by a one-time code', roles: LEADS }),
  dropInvite: remove<Done>()('/api/invites/:invite', { summary: 'Take a one-time code back', roles: LEADS }),
  readInvite: post<CodeRequest, Invitation>()('/api/join/code', { summary: 'What a one-time code is for', roles: 'anyone' }),
  join: post<JoinRequest, Done>()('/api/join', { summary: 'Come in by a one-time code', roles: 'anyone' }),
  putPassword: put<PutPasswordRequest, Done>()('/api/me/password', { summary: 'Change one’s own password', roles: EVERYBODY }),
  signIns: get<readonly SignInView[]>()('/api/me/sessions', { summary: 'One’s own sign-ins', roles: EVERYBODY }),
  endSignIn: remove<Done>()('/api/me/sessions/:session', { summary: 'End one of one’s own sign-ins', roles: EVERYBODY }),
} as const;
