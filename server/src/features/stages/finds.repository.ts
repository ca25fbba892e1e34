import type { UnitLeak } from '@kesto/contract';
import type { PlaceHistory } from '@kesto/core';

/** What lists ask of jobs' chains, without reading them whole. What was struck out does not count. */
export interface FindRepository {
  /** What is known of a circuit's places from before a job. */
  placeHistory(of: { readonly jobId: string; readonly circuitId: string }): Promise<PlaceHistory>;
  /** The newest first. */
  leaksOf(circuitIds: readonly string[]): Promise<readonly UnitLeak[]>;
}
