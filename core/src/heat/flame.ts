import type { ResolvedJoint } from '../joint/resolvedJoint';
import { METALS } from '../metal/metals';
import type { FitVerdict } from '../fit/gap';

import { storedInMembersJ, type HeatPlan } from './heat';

export interface FlameStep {
  readonly on: 'male' | 'female';
  /** Part of the heating time, by the heat this member stores; null where the torch does not get there. */
  readonly seconds: number | null;
}

/** Why the flame begins where it does. */
export type FlameOrder = 'tube-carries' | 'larger-first' | 'outer-opens' | 'small-tube';

export interface FlamePlan {
  readonly order: FlameOrder;
  readonly steps: readonly [FlameStep, FlameStep];
}

/** Up to a 1/8 in tube the flame never goes on the tube first: it melts before the part that takes it is hot [m]. */
const SMALL_TUBE_M = 0.0033;

function orderFor(joint: ResolvedJoint, verdict: FitVerdict): FlameOrder {
  if (joint.male.outsideM <= SMALL_TUBE_M) return 'small-tube';
  if (verdict === 'too-tight') return 'outer-opens';
  // Only copper carries heat into the cup; of two poor conductors the heavier one is slow.
  return METALS[joint.male.metal].family === 'copper' ? 'tube-carries' : 'larger-first';
}

/**
 * Where the flame goes and for how long: on the tube first, for it carries heat into the cup; on the outer part first where
 * the gap is tight, to open it, or where the tube is small.
 *
 * @returns  two steps whose seconds add up to the heating time, shared as the members store heat
 * @accuracy as the heating time, +-50 %; the share is a guide, the eye on flux and rod decides
 * @source   trade practice: sweep from the tube to the cup, larger part of a capillary joint first
 */
export function planFlame(joint: ResolvedJoint, heat: HeatPlan, given: { verdict: FitVerdict; ambientC: number }): FlamePlan {
  const stored = storedInMembersJ(joint, given.ambientC, heat.middleC);
  const maleShare = stored.male / (stored.male + stored.female);
  const step = (on: FlameStep['on'], share: number): FlameStep => ({ on, seconds: heat.seconds === null ? null : heat.seconds * share });
  const [male, female] = [step('male', maleShare), step('female', 1 - maleShare)];
  const order = orderFor(joint, given.verdict);
  const tubeFirst = order === 'tube-carries' || (order === 'larger-first' && stored.male > stored.female);
  return { order, steps: tubeFirst ? [male, female] : [female, male] };
}
