import { heatAlongTube, type HeatAlong, type HeatAlongInput } from '@kesto/core/heat-along';

/** How hot both members get, as far as the drawing shows them. */
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

export const answerReach = ({ id, plan, maleM, femaleM }: ReachAsk): ReachAnswer => ({
  id,
  male: heatAlongTube(plan, { along: 'male', lengthM: maleM }),
  female: heatAlongTube(plan, { along: 'female', lengthM: femaleM }),
});
