import type { PurgeRequest, Rod, VanFacts } from '@kesto/core';

export interface VanStock extends VanFacts {
  readonly fillers: readonly { readonly designation: string; readonly rod: Rod; readonly count: number }[];
  readonly cylinder: NonNullable<PurgeRequest['cylinder']>;
}
