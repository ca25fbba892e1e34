import type { UnitLeak } from '@kesto/contract';
import type { PlaceHistory, StageEntry } from '@kesto/core';

export interface StageEntryRepository {
  /** Of the write that an entry came by; null where there is none of this id. */
  requestHashOf(entryId: string): Promise<string | null>;
  /** What is known of a circuit's places from before a job. */
  placeHistory(of: { readonly jobId: string; readonly circuitId: string }): Promise<PlaceHistory>;
  /** The newest first. */
  leaksOf(circuitIds: readonly string[]): Promise<readonly UnitLeak[]>;
  add(entry: StageEntry, requestHash: string): Promise<void>;
}
