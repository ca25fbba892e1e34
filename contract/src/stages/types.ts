import type { SignedBy } from '../devices/types';
import type { Head, JobEntry, JobLink, KeptStage, NearKind, PlaceHistory, StageEntryKind, Told } from '@kesto/core';
import type { SignInRequest } from '../session/types';

/** What is kept of a job's own stages, and what its lists are made from. */
export interface JobStages {
  readonly entries: readonly JobLink[];
  /** What only this device has yet: never told by the server. */
  readonly kept?: readonly JobEntry[];
  readonly history: PlaceHistory;
  /** Left for whoever comes next, newest first; pages of before have none. */
  readonly notes?: readonly NextPersonNote[];
  /** When the last flame was lit at one of its joints; null where none was. */
  readonly lastFlame: string | null;
  /** What lies near the joints that are planned. */
  readonly near: readonly NearKind[];
}

/** What somebody left for the next job on the machine, or on its sisters. */
export interface NextPersonNote {
  readonly note: string;
  readonly by: string;
  readonly at: string;
  readonly jobNumber: number;
  /** The sister's tag; null of this machine. */
  readonly unit: string | null;
  readonly nextCheck?: string;
}

/** Kinds that speak of another entry: they are of its stage. */
export const ABOUT_ANOTHER = ['corrected', 'struck-out'] as const;
export type AboutAnother = (typeof ABOUT_ANOTHER)[number];

export interface PutStageEntryRequest {
  readonly stage: KeptStage;
  readonly kind: StageEntryKind | AboutAnother;
  readonly deviceTime: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly string[];
  readonly corrects?: { readonly entry: string; readonly why: string };
  /** Heads this device knew: of the job's chain. */
  readonly seen?: readonly Head[];
  /** What the device signed of it, where it has a key. */
  readonly signed?: SignedBy;
}

/** A lead signs in for this one entry; the session that is open stays as it is. */
export interface OverruleBesideRequest {
  readonly signIn: SignInRequest;
  readonly stage: KeptStage;
  readonly deviceTime: string;
  readonly values: Omit<Told<'overruled'>, 'phoneOf' | 'byPin'>;
}
