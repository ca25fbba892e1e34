import { heatAlongTube } from '@kesto/core';
import type { ReachAnswer, ReachAsk } from './protocol';

export const answerReach = ({ id, plan, maleM, femaleM }: ReachAsk): ReachAnswer => ({
  id,
  male: heatAlongTube(plan, { along: 'male', lengthM: maleM }),
  female: heatAlongTube(plan, { along: 'female', lengthM: femaleM }),
});
