import type { Approval, Role } from '@kesto/contract';
import type { UnitPreferences } from '@kesto/core';

export interface Person {
  readonly id: string;
  readonly login: string;
  readonly name: string;
  readonly role: Role;
  readonly passwordHash: string;
  readonly units: UnitPreferences;
  readonly approvals: readonly Approval[];
  readonly confirmedAt: Date | null;
  readonly leftAt: Date | null;
}

export interface PersonRepository {
  all(): Promise<readonly Person[]>;
  byId(id: string): Promise<Person | null>;
  /** Holds the person until the transaction ends. */
  lock(id: string): Promise<Person | null>;
  /** Of the people who are known, by id. */
  namesOf(ids: readonly string[]): Promise<ReadonlyMap<string, string>>;
  count(): Promise<number>;
  /** Admins who have not left. */
  adminCount(): Promise<number>;
  add(person: Person): Promise<void>;
  change(id: string, part: Partial<Omit<Person, 'id'>>): Promise<void>;
}

export interface Invite {
  readonly id: string;
  readonly codeHash: string;
  readonly name: string;
  readonly role: Role;
  /** Whose password is made anew; null for somebody who is to come. */
  readonly personId: string | null;
  /** Whose power it has; null for the shop's first code, and for those the former version made. */
  readonly madeBy: string | null;
  readonly madeAt: Date;
  readonly expiresAt: Date;
  readonly usedAt: Date | null;
}

export interface InviteRepository {
  /** Neither used nor out of date. */
  open(now: Date): Promise<readonly Invite[]>;
  byId(id: string): Promise<Invite | null>;
  /** Holds the invite until the transaction ends: two who come by one code at once are one. */
  lock(id: string): Promise<Invite | null>;
  /** False where there is no such invitation. */
  markUsed(id: string, now: Date): Promise<boolean>;
  add(invite: Invite): Promise<void>;
  /** Ends what a person who leaves, or has less power from now on, has promised. */
  endThoseOf(madeBy: string, now: Date): Promise<void>;
}
