import type { PurgeRequest, RodUsed, VanCount, VanFacts } from '@kesto/core';

export interface VanStock extends VanFacts {
  readonly fillers: VanCount['fillers'];
  readonly instruments?: NonNullable<VanCount['instruments']>;
  readonly recovery?: NonNullable<VanCount['recovery']>;
  readonly flux?: NonNullable<VanCount['flux']>;
  readonly wraps?: NonNullable<VanCount['wraps']>;
  readonly gases?: NonNullable<VanCount['gases']>;
  /** When it was counted, by the device's clock: what joints took since is not in the count. */
  readonly countedAt?: string;
  readonly cylinder: NonNullable<PurgeRequest['cylinder']>;
}

/** What joints took of each rod since the van was counted. */
export interface VanUse {
  readonly since: string | null;
  readonly fillers: readonly RodUsed[];
}
