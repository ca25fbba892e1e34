import type { InviteView, PersonView, SignInView } from '@kesto/contract';
import type { Session } from '../session';
import type { Invite, Person } from './people.repository';

export const toPerson = ({ id, name, role, approvals, confirmedAt, leftAt }: Person): PersonView => ({
  ...{ id, name, role, approvals },
  confirmedAt: confirmedAt?.toISOString() ?? null,
  left: leftAt !== null,
});

export const toInvite = ({ id, name, role, personId, expiresAt }: Invite): InviteView => ({
  ...{ id, name, role },
  until: expiresAt.toISOString(),
  person: personId,
});

/** `here` is the sign-in that asks. */
export const toSignIn = ({ id, device, beganAt, tokenHash }: Session, here: string): SignInView => ({
  ...{ id, device },
  began: beganAt.toISOString(),
  here: tokenHash === here,
});
