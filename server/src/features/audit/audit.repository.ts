import type { AuditedWhat } from '@kesto/contract';
import type { Role } from '@kesto/core/vocabulary';

/** Of the ledger: entries of any chain that stand in the trail; of the shop's chain all do. */
export const AUDITED_IN_ANY_CHAIN: readonly string[] = ['overruled', 'exported', 'erased'];

/** What is kept here; what changes power stands in the ledger. */
export type KeptHere = Extract<
  AuditedWhat,
  | 'signed-in'
  | 'sign-in-ended'
  | 'password-changed'
  | 'code-made'
  | 'code-dropped'
  | 'code-used'
  | 'exported'
  | 'restored'
  | 'server-now'
  | 'key-changed'
  | 'imported'
>;

export interface Audited {
  readonly id: string;
  readonly at: Date;
  readonly what: KeptHere;
  /** Who did it. */
  readonly personId: string | null;
  /** Whom it is about, where that is somebody else. */
  readonly whom: string | null;
  /** A joint that was taken out, by its tag; the name somebody is asked in by. */
  readonly about: string | null;
  readonly device: string | null;
}

/** Wrong passwords for one person from one address within a minute. */
export interface RefusedTry {
  readonly personId: string;
  readonly address: string;
  readonly minute: Date;
  readonly tries: number;
}

/** A line of the trail by ids, wherever it is kept. */
export interface FoundLine {
  readonly id: string;
  readonly at: Date;
  readonly what: AuditedWhat;
  readonly personId: string | null;
  readonly whom: string | null;
  readonly role: Role | null;
  readonly job: number | null;
  readonly joint: string | null;
  readonly about: string | null;
  readonly device: string | null;
  readonly address: string | null;
  readonly times: number;
}

/** Where a page of the trail begins: behind the line that was shown last. */
export interface Behind {
  readonly at: Date;
  readonly id: string;
}

export interface AuditRepository {
  add(line: Audited): Promise<void>;
  /** Counts one more wrong try. What is older than `forgottenBefore` is dropped. */
  refused(one: Omit<RefusedTry, 'tries'>, forgottenBefore: Date): Promise<void>;
  /** How many rows of refused tries there are since a moment. */
  refusedSince(moment: Date): Promise<number>;
  /** The newest first: these rows, refused tries, and what the ledger says of power, overrulings, exports and erasures. */
  page(behind: Behind | null, most: number): Promise<readonly FoundLine[]>;
}
