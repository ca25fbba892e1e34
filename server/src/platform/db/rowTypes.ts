import type { KeptDrawing } from '../../features/circuits';
import type { Job, JobEntry } from '../../features/jobs';
import type { Joint, KeptPlan } from '../../features/joints';
import type { Invite, Person } from '../../features/people';
import type { CleanPhoto } from '../../features/photos';
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
export type JointRow = InShop<Joint>;
export type JobRow = InShop<Job>;
export type JobEntryRow = InOrder<JobEntry>;
export type JointPlanRow = InOrder<KeptPlan>;
export type PhotoRow = InShop<CleanPhoto>;

export type JobJointRow = InOrder<{ readonly jobId: string; readonly jointId: string }>;

/** One link of a chain: its content as canonical JSON, to the letter that was hashed. */
interface ChainRow {
  readonly shopId: string;
  readonly sequence: number;
  readonly id: string;
  readonly kind: string;
  readonly personId: string;
  readonly content: string;
  readonly hash: string;
  readonly requestHash: string;
}

export type RecordEntryRow = ChainRow & { readonly jointId: string };
export type StageEntryRow = ChainRow & { readonly jobId: string; readonly stage: string };
