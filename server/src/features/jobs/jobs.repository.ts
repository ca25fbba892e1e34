import type { Stage } from '@kesto/contract';
import { removedJoints, type EntryFact, type JobLink, type JointPlace, type NearKind } from '@kesto/core';
import type { Circuit, Site, Unit } from '../units';

export interface Job {
  readonly id: string;
  readonly circuitId: string;
  readonly number: number;
  readonly title: string;
  /** As it was stored; where the job stands is told by its entries and joints. */
  readonly stage: Stage;
  readonly began: Stage;
  readonly done: boolean;
  readonly requestHash: string;
}

/** A joint as far as its job needs it: where it sits, what moved it from state to state, what its newest plan chose and what lies near it. */
export interface ToldJoint {
  readonly id: string;
  readonly tag: string;
  readonly title: string;
  readonly calledAs: string | null;
  readonly at: JointPlace | null;
  /** Null without a plan. */
  readonly filler: string | null;
  readonly near: readonly NearKind[];
  readonly facts: readonly EntryFact[];
}

/** A job with all that says where it is and how far it has come. */
export interface ToldJob {
  readonly job: Job;
  readonly circuit: Circuit;
  readonly unit: Unit;
  readonly site: Site;
  /** In their order of work. */
  readonly joints: readonly ToldJoint[];
  /** The job's own chain. */
  readonly entries: readonly JobLink[];
  /** When the last flame was lit at one of its joints; null where none was. */
  readonly lastFlame: string | null;
}

/** A job without the joints that were taken off it again. */
export function withoutRemoved(told: ToldJob): ToldJob {
  const removed = removedJoints(told.entries);
  return removed.size === 0 ? told : { ...told, joints: told.joints.filter(({ id }) => !removed.has(id)) };
}

export interface JobRepository {
  byId(id: string): Promise<Job | null>;
  /** Holds the job until the transaction ends: what counts up within it cannot be counted twice. */
  lock(id: string): Promise<Job | null>;
  /** Holds the job as it stands until the transaction ends, beside others who do: what decides by its chain. Always before a joint is locked. */
  hold(id: string): Promise<Job | null>;
  /** The newest first, as all lists of jobs. */
  ofCircuits(circuitIds: readonly string[]): Promise<readonly Job[]>;
  /** Two questions of the database, whatever a job holds; of its chain what came since it was read last. */
  told(id: string): Promise<ToldJob | null>;
  /** All that are open, then the newest of those that are done, without their stages' entries; one question however many they are. */
  toldToday(mostDone: number): Promise<readonly ToldJob[]>;
  nextNumber(): Promise<number>;
  add(job: Job): Promise<void>;
  changeCircuit(id: string, circuitId: string): Promise<void>;
  /** Handed over, or opened anew. */
  close(id: string, done: boolean): Promise<void>;
}
