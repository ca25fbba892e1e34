import type { PlanRequest } from '@kesto/core';

export interface VanStock {
  readonly fillers: readonly {
    readonly designation: string;
    readonly rod: NonNullable<PlanRequest['stock']>[number]['rod'];
    readonly count: number;
  }[];
  readonly torch: NonNullable<PlanRequest['torch']>;
  readonly cylinder: NonNullable<NonNullable<PlanRequest['purge']>['cylinder']>;
}
