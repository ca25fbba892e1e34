import type { Salt } from '@kesto/core';
import type { AuditRepository } from './audit';
import type { DrawingRepository } from './circuits';
import type { SeriesRepository } from './instruments';
import type { DayPinRepository } from './dayPins';
import type { FoundRepository } from './found';
import type { JobRepository } from './jobs';
import type { JointRepository, PlanRepository, RecordRepository } from './joints';
import type { ImportRepository } from './imports';
import type { LabelRepository } from './labels';
import type { Invite, InviteRepository, PersonRepository } from './people';
import type { PhotoRepository } from './photos';
import type { SealRepository } from './seal';
import type { SearchRepository } from './search';
import type { SessionRepository } from './session';
import type { ShopRepository } from './shop';
import type { FindRepository } from './stages';
import type { LedgerRepository } from './ledger';
import type { CircuitRepository, SiteRepository, UnitRepository } from './units';

/** Work inside one shop's walls, all of it kept or none: whatever is asked of these is of that shop alone. */
export interface ShopWork {
  readonly shopId: string;
  /** Where fresh salts come from: 16 random bytes in hex. */
  readonly salt: Salt;
  readonly shop: ShopRepository;
  readonly people: PersonRepository;
  readonly invites: InviteRepository;
  readonly sessions: SessionRepository;
  readonly sites: SiteRepository;
  readonly units: UnitRepository;
  readonly circuits: CircuitRepository;
  readonly drawings: DrawingRepository;
  readonly jobs: JobRepository;
  readonly ledger: LedgerRepository;
  readonly finds: FindRepository;
  readonly joints: JointRepository;
  readonly plans: PlanRepository;
  readonly records: RecordRepository;
  readonly photos: PhotoRepository;
  readonly search: SearchRepository;
  readonly audit: AuditRepository;
  readonly dayPins: DayPinRepository;
  readonly series: SeriesRepository;
  readonly seal: SealRepository;
  readonly found: FoundRepository;
  readonly labels: LabelRepository;
  readonly imports: ImportRepository;
}

/** Who signs in by a name. */
export interface SignInFacts {
  readonly shopId: string;
  readonly personId: string;
  readonly passwordHash: string;
  readonly left: boolean;
}

/** All shops, each behind its walls; chosen in `main.ts`. */
export interface Store {
  inShop<T>(shopId: string, work: (shop: ShopWork) => Promise<T>): Promise<T>;
  /** The one question asked before a shop is known. The same work whether the name is known or not. */
  signInBy(login: string): Promise<SignInFacts | null>;
  /** Sign-in names are one for all shops: whoever signs in says no shop. */
  loginIsTaken(login: string): Promise<boolean>;
  /** Which shop a code belongs to: asked, like a sign-in, before a shop is known. */
  inviteBy(codeHash: string): Promise<(Invite & { readonly shopId: string }) | null>;
  /** Whether a label of that head was printed of that joint, in whatever shop: asked before a shop is known, and no more is told. */
  knowsHead(label: { readonly joint: string; readonly sequence: number; readonly head: string }): Promise<boolean>;
  /** Fails where the database does not answer. */
  ping(): Promise<void>;
  /** Connections to what keeps the rows: how many there are, how many of them are free, how many pieces of work wait for one. */
  connections(): { readonly all: number; readonly free: number; readonly waiting: number };
}
