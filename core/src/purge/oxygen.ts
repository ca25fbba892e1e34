import { AIR_O2_PERCENT } from './room';
import type { PurgePlan } from './planPurge';

/** Above it a flame scales the inside of the tube black; under it, down to the target, a dull film stays [%]. Source: purge practice of brazers. */
export const SCALE_ABOVE_O2_PERCENT = 1;

/**
 * Oxygen that is left in a tube while it is flooded.
 *
 * @param purge    as planned: when its target is reached
 * @param seconds  since the flood began, from 0
 * @returns        [%] by volume, from that of air down to the target, which the trickle then holds
 * @source         perfect mixing, the slow case: each volume that is let in leaves 1/e of what was there
 */
export function oxygenAfter(
  { targetO2Percent, floodSeconds }: Pick<PurgePlan, 'targetO2Percent' | 'floodSeconds'>,
  seconds: number,
): number {
  const share = floodSeconds > 0 ? Math.min(1, Math.max(0, seconds) / floodSeconds) : 1;
  return AIR_O2_PERCENT * (targetO2Percent / AIR_O2_PERCENT) ** share;
}
