import type { Chain } from '@kesto/core';
import type { KeptDrawing } from '../../features/circuits';
import type { DayPinRow, PinUse } from '../../features/dayPins';
import type { Job } from '../../features/jobs';
import type { Joint, KeptPlan } from '../../features/joints';
import type { Invite, Person } from '../../features/people';
import type { Audited, RefusedTry } from '../../features/audit';
import type { CleanPhoto, SentPhoto } from '../../features/photos';
import type { Series, SeriesBlock } from '../../features/instruments';
import type { Session } from '../../features/session';
import type { Shop } from '../../features/shop';
import type { Circuit, Site, Unit } from '../../features/units';

/** What a feature keeps, in the shop it is kept for; `circuitId` here is the column `circuit_id`. */
type InShop<Kept> = Kept & { readonly shopId: string };
/** Counts up within what the row belongs to. */
type InOrder<Kept> = InShop<Kept> & { readonly place: number };

export type ShopRow = InShop<Shop>;
export type PersonRow = InShop<Person>;
export type InviteRow = InShop<Invite>;
export type SessionRow = InShop<Session>;
export type SiteRow = InShop<Site>;
export type UnitRow = InShop<Unit>;
export type CircuitRow = InShop<Circuit>;
export type DrawingRow = InShop<KeptDrawing>;
/** When it was added is the database's own. */
export type JointRow = InShop<Joint> & { readonly addedAt?: Date };
export type JobRow = InShop<Job>;
export type JointPlanRow = InOrder<KeptPlan>;
export type PhotoRow = InShop<CleanPhoto>;
export type PhotoSentRow = InShop<SentPhoto>;
export type AuditedRow = InShop<Audited>;
export type RefusedTryRow = InShop<RefusedTry>;

export type DayPinsRow = InShop<DayPinRow>;
export type PinUseRow = InShop<PinUse>;
/** The instrument's count may be larger than a number of four bytes. */
export type SeriesRow = InShop<Omit<Series, 'acked'>> & { readonly acked: number | string };
export type SeriesBlockRow = InShop<SeriesBlock>;

export type JobJointRow = InOrder<{ readonly jobId: string; readonly jointId: string }>;

/** One link of a chain: its content as canonical JSON, to the letter that was hashed, and what lists ask by. */
export interface LedgerRow {
  readonly shopId: string;
  readonly chain: Chain;
  readonly chainId: string;
  readonly sequence: number;
  readonly id: string;
  readonly format: number;
  readonly kind: string;
  readonly stage: string | null;
  /** Null: Kesto's own. */
  readonly personId: string | null;
  /** The entry that this one corrects or strikes out. */
  readonly about: string | null;
  readonly place: string | null;
  readonly result: string | null;
  readonly at: Date;
  readonly content: string;
  readonly hash: string;
  readonly requestHash: string;
}

/** Somebody's words, beside the entries that commit to them. */
export interface LedgerWordsRow {
  readonly shopId: string;
  readonly chain: Chain;
  readonly chainId: string;
  readonly commitment: string;
  readonly salt: string;
  readonly words: string;
}
