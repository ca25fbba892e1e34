import type { HeatAlong, HeatAlongInput } from '@kesto/core';

/** What the page asks the reach worker: how hot both members get, as far as the drawing shows them. */
export interface ReachAsk {
  readonly id: number;
  readonly plan: HeatAlongInput;
  readonly maleM: number;
  readonly femaleM: number;
}

export interface ReachAnswer {
  readonly id: number;
  readonly male: HeatAlong | null;
  readonly female: HeatAlong | null;
}
