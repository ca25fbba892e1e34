import type { UnitLeak } from '@kesto/contract';
import type { PlaceHistory } from '@kesto/core';

export interface JobWithNote {
  readonly jobId: string;
  readonly number: number;
  /** The sister's tag; null where it is the same circuit. */
  readonly unit: string | null;
}

/** What lists ask of jobs' chains, without reading them whole. What was struck out does not count. */
export interface FindRepository {
  /** What is known of a circuit's places from before a job. */
  placeHistory(of: { readonly jobId: string; readonly circuitId: string }): Promise<PlaceHistory>;
  /** Jobs before this one that left a note for the next person, on the same circuit or on a sister's, newest first. */
  jobsWithNotes(of: { readonly jobId: string; readonly circuitId: string }): Promise<readonly JobWithNote[]>;
  /** The newest first. */
  leaksOf(circuitIds: readonly string[]): Promise<readonly UnitLeak[]>;
}
