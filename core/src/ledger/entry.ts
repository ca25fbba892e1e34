import { canonicalHash, type EntryPhoto } from '../record/chain';
import type { SignatureAlg } from '../vocabulary/signing';
import type { KeptStage } from '../vocabulary/stage';
import type { KindId } from './kinds';
import type { Beside, Commitment } from './openWords';
import type { Chain } from './row';

/** What new entries of every chain are written in. */
export const LEDGER_FORMAT = 3;
/** Version of the tables an entry was taken by: goes up when a row of them changes. */
export const RULES = 11;

export interface ChainId {
  readonly of: Chain;
  readonly id: string;
}

/** Where a chain stood. */
export interface Head {
  readonly of: Chain;
  readonly id: string;
  readonly sequence: number;
  readonly hash: string;
}

/** What somebody says, to the letter as their device made it, or what Kesto says itself (`person` null). */
export interface Statement {
  readonly shop: string;
  readonly chain: ChainId;
  readonly id: string;
  readonly kind: KindId;
  /** Of what the kind tells, counted from 1. */
  readonly shape: number;
  readonly stage: KeptStage | null;
  /** Own words and names as commitments. */
  readonly told: Readonly<Record<string, unknown>>;
  /** SHA-256 of each photo as the device sent it. */
  readonly photos: readonly string[];
  readonly corrects: { readonly entry: string; readonly why: Commitment } | null;
  readonly person: string | null;
  readonly onBehalfOf: string | null;
  readonly deviceTime: string | null;
  /** Heads this device knew when it was said: of its own chain, and of those that were asked before it (a flame asks the job's). */
  readonly seen: readonly Head[] | null;
  /** SHA-256 of the drawing that was on the screen. */
  readonly drawing: string | null;
  readonly simulated: boolean;
}

export interface LedgerPhoto extends EntryPhoto {
  /** Hash of what the device sent, by which it named the photo. */
  readonly sent: string;
}

/** What Kesto worked out of it, by which engine and from which drawing; `shown`: what that person's screen had, where it differs. */
export interface WorkedOut {
  readonly engine: string;
  readonly drawing: string | null;
  readonly values: Readonly<Record<string, unknown>>;
  readonly shown?: Readonly<Record<string, unknown>>;
}

/** One link of a chain. All of it is hashed. */
export interface EntryContent3 {
  readonly format: typeof LEDGER_FORMAT;
  readonly rules: number;
  readonly chain: ChainId;
  readonly sequence: number;
  readonly previous: string | null;
  readonly said: Statement;
  /** Of Kesto's own entries: which one led to it. */
  readonly because: { readonly chain: ChainId; readonly entry: string } | null;
  /** `card`: commitment to the name, which stands beside. */
  readonly author: { readonly person: string; readonly card: Commitment } | 'kesto';
  readonly worked: WorkedOut | null;
  readonly photos: readonly LedgerPhoto[];
  /** The server's clock, and how far it was ahead of the device's at sending [s]; null where nobody said. */
  readonly at: { readonly server: string; readonly offsetS: number | null };
  readonly signature: { readonly device: string; readonly alg: SignatureAlg; readonly value: string } | null;
}

/** A link with its hash, and the words it commits to. */
export interface LedgerLink {
  readonly content: EntryContent3;
  readonly hash: string;
  readonly beside: Beside;
}

/** A link of a chain: the content with the SHA-256 of its canonical JSON (RFC 8785). */
export const sealLink = (content: EntryContent3, beside: Beside): LedgerLink => ({ content, hash: canonicalHash(content), beside });
