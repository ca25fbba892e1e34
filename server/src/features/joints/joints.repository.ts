import type { PlanAnswer } from '@kesto/contract';
import type { EntryFact, JointLink, JointPlace, JointPlan, PlanRequest } from '@kesto/core';

export interface Joint {
  readonly id: string;
  readonly circuitId: string;
  /** Where it sits on the circuit's drawing; null where nobody said. */
  readonly at: JointPlace | null;
  readonly tag: string;
  readonly title: string;
  /** What the phone that added it called it until its tag came; null where it had no name of its own. */
  readonly calledAs: string | null;
  readonly requestHash: string;
}

/** As it is written: the tag in capitals, whose phone it was in small letters. */
export const provisional = (tag: string): string => tag.toUpperCase().replace(/[A-Z]{1,2}$/, (mark) => mark.toLowerCase());

export interface JointRepository {
  byId(id: string): Promise<Joint | null>;
  /** By the tag it has, else the newest that was called so before it had one. */
  byTag(tag: string): Promise<Joint | null>;
  /** Holds the joint until the transaction ends, so that its chain grows one link at a time. */
  lock(id: string): Promise<Joint | null>;
  /** The newest tag first; without those that were taken off their job. */
  ofCircuits(circuitIds: readonly string[]): Promise<readonly Joint[]>;
  /** The newest job a joint is in. */
  jobOf(id: string): Promise<string | null>;
  /** Tags count up within a unit and are never used twice. */
  nextTag(unitTag: string): Promise<string>;
  /** Last in the job's order of work. */
  add(jobId: string, joint: Joint): Promise<void>;
}

export interface KeptPlan {
  readonly id: string;
  readonly jointId: string;
  readonly personId: string;
  readonly request: PlanRequest;
  readonly plan: JointPlan;
  readonly answer: PlanAnswer;
  readonly chosen: string;
  readonly reason: string | null;
  readonly engineVersion: string;
  readonly madeAt: Date;
  readonly requestHash: string;
}

export interface PlanRepository {
  byId(id: string): Promise<KeptPlan | null>;
  /** The newest plan of each joint; what it replaced is not loaded. */
  latestOf(jointIds: readonly string[]): Promise<ReadonlyMap<string, KeptPlan>>;
  /** The filler of each joint's newest plan; joints without a plan are left out. */
  chosenFillers(jointIds: readonly string[]): Promise<ReadonlyMap<string, string>>;
  add(plan: KeptPlan): Promise<void>;
}

/** What lists ask of joints' chains, without reading them whole. What was struck out does not count. */
export interface RecordRepository {
  /** What moves each joint from state to state, without the rest of its entries. */
  factsOf(jointIds: readonly string[]): Promise<ReadonlyMap<string, readonly EntryFact[]>>;
  /** Of each joint, what was brazed at it since a moment (ever, where none is given) and what corrects that: no other entry is read. */
  brazedSince(moment: string | null): Promise<ReadonlyMap<string, readonly JointLink[]>>;
  /** Day of each joint's last flame; joints at which none was lit are left out. */
  lastFlames(jointIds: readonly string[]): Promise<ReadonlyMap<string, string>>;
}
