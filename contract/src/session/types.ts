import type { UnitPreferences } from '@kesto/core';
import { ROLES, type Role } from '@kesto/core/vocabulary';
import type { Approval } from '../people/types';

export { ROLES, type Role } from '@kesto/core/vocabulary';

/** Who has more power stands higher: nobody gives more than they have, or resets somebody above them. */
export const RANK: Readonly<Record<Role, number>> = { technician: 0, inspector: 0, lead: 1, admin: 2 };

/** Who may read, and who may also plan and record. */
export const EVERYBODY: readonly Role[] = ROLES;
export const MAKERS: readonly Role[] = ['technician', 'lead', 'admin'];
/** Who answers for the shop: judges joints, chooses schools, asks people in. */
export const LEADS: readonly Role[] = ['lead', 'admin'];
/** Who keeps the shop's people and its trail. */
export const ADMINS: readonly Role[] = ['admin'];

export interface SignInRequest {
  readonly login: string;
  readonly password: string;
}

export interface PersonName {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

export interface Me {
  /** `onBehalfOf`: whose words this request brings, who has left the shop. */
  readonly person: PersonName & { readonly onBehalfOf?: string };
  readonly shop: { readonly id: string; readonly name: string };
  readonly units: UnitPreferences;
  readonly approvals: readonly Approval[];
}

export interface DemoPerson extends PersonName {
  readonly login: string;
  readonly password: string;
}

export interface Done {
  readonly ok: true;
}
