import type { KeptStage, NearKind, PlaceHistory, StageEntry, StageEntryKind } from '@kesto/core';

/** What is kept of a job's own stages, and what its lists are made from. */
export interface JobStages {
  readonly entries: readonly StageEntry[];
  readonly history: PlaceHistory;
  /** What lies near the joints that are planned. */
  readonly near: readonly NearKind[];
}

export interface PutStageEntryRequest {
  readonly stage: KeptStage;
  readonly kind: StageEntryKind;
  readonly deviceTime: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly string[];
}
