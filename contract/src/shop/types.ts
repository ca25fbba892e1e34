import type { PurgeRequest, VanCount, VanFacts } from '@kesto/core';

export interface VanStock extends VanFacts {
  readonly fillers: VanCount['fillers'];
  readonly instruments?: NonNullable<VanCount['instruments']>;
  readonly recovery?: NonNullable<VanCount['recovery']>;
  readonly cylinder: NonNullable<PurgeRequest['cylinder']>;
}
