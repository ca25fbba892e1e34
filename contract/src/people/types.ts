import type { ApprovalScope } from '@kesto/core/vocabulary';
import type { PersonName, Role } from '../session/types';

export { APPROVAL_SCOPES, type ApprovalScope } from '@kesto/core/vocabulary';

export interface Approval {
  readonly scope: ApprovalScope;
  /** Of the certificate; empty where it has none. */
  readonly number: string;
  /** The last day it holds, as 2027-03-31. */
  readonly validUntil: string;
}

/** Somebody vouches twice a year that the person still does the work the approval was given for. */
export const CONFIRM_EVERY_DAYS = 183;

export interface PersonView extends PersonName {
  readonly approvals: readonly Approval[];
  /** When the shop last confirmed the approvals; null for never. */
  readonly confirmedAt: string | null;
  /** Left the shop: signed out everywhere; what they recorded stays. */
  readonly left: boolean;
}

/** Somebody who was asked in, or to whom a new password was promised, and has not come yet. */
export interface InviteView {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly until: string;
  /** For a person who is here and has lost the password. */
  readonly person: string | null;
}

export interface People {
  readonly people: readonly PersonView[];
  readonly invites: readonly InviteView[];
}

/** The code is made on the device that asks, shown there once, and kept by the server as a hash alone. */
export interface PutInviteRequest {
  readonly code: string;
  readonly name: string;
  readonly role: Role;
  readonly person?: string;
}

/** What may wait on a device until there is a signal. */
export interface PutPersonRequest {
  readonly name: string;
  readonly approvals: readonly Approval[];
  /** The approvals are confirmed now. */
  readonly confirmed?: boolean;
  /** Said here by pages of the former version: told, and not done. */
  readonly role?: Role;
  readonly left?: boolean;
}

/** Asked of the server while somebody waits for the answer. */
export interface RoleRequest {
  readonly role: Role;
}
export interface LeftRequest {
  readonly left: boolean;
}

/** A person as kept now, and what a page of the former version asked for that this route does not do. */
export interface PersonKept extends PersonView {
  readonly notDone: readonly ('role' | 'left')[];
}

/** What somebody who changes a person was shown: what the change is made from. */
export const personContent = ({ name, approvals }: Pick<PersonView, 'name' | 'approvals'>) => ({ name, approvals });

export interface CodeRequest {
  readonly code: string;
}

/** What a code is for, told to whoever holds it. */
export interface Invitation {
  readonly shop: string;
  readonly name: string;
  readonly role: Role;
  /** The shop has nobody yet: whoever comes names it. */
  readonly first: boolean;
  /** A new password for somebody who is here already, under this sign-in name. */
  readonly login: string | null;
}

export interface JoinRequest extends CodeRequest {
  readonly name: string;
  readonly login: string;
  readonly password: string;
  readonly shopName?: string;
}

export interface PutPasswordRequest {
  readonly current: string;
  readonly next: string;
}

export const PASSWORD_LEAST = 10;
/** Three groups of four: 58 bits, so that guessing is hopeless without any lock. */
export const CODE_LENGTH = 12;
export const CODE_GROUP = 4;
/** Codes that the former version gave go on until they end. */
export const FORMER_CODE_LENGTH = 8;
/** Without letters that are taken for figures. */
export const CODE_LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';

/** One sign-in of the person who asks. */
export interface SignInView {
  readonly id: string;
  readonly device: string;
  readonly began: string;
  readonly here: boolean;
}
