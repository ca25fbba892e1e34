import { coolingTimes } from '../plan/cooling';
import type { JointPlan } from '../plan/planJoint';

/** So long by hand, a joint [min]: cut, deburr, wipe, mark, fit dry, flux; a wrap; wash, mirror, photo. Judgement, to be replaced by a shop's own. */
const BY_HAND_MIN = { prepare: 8, wrap: 2, look: 4 } as const;

/**
 * How long joints take, one after another.
 *
 * @param plans  of the joints that are still to be made
 * @returns      minutes: by hand (judgement), flooding, at the flame, until the gas may stop. Walking, lunch and what goes wrong are not in it
 * @source       flood, heat and cooling as each plan has them
 */
export function jointMinutes(plans: readonly JointPlan[]): number {
  const seconds = plans.map((plan) => {
    const wraps = plan.protection.filter(({ measures }) => measures.some((measure) => measure !== 'none' && measure !== 'distance')).length;
    const byHand = BY_HAND_MIN.prepare + BY_HAND_MIN.wrap * wraps + BY_HAND_MIN.look;
    return byHand * 60 + (plan.purge?.floodSeconds ?? 0) + (plan.heat?.seconds ?? 0) + plan.holdS + (coolingTimes(plan)?.under200S ?? 0);
  });
  return seconds.reduce((sum, one) => sum + one, 0) / 60;
}
