import type { CircuitGraph } from '../circuit/graph';
import type { JointPlace } from '../circuit/jointAt';
import { jointsNear } from '../circuit/jointsNear';
import { findFiller } from '../filler/fillers';
import { metresOf } from '../unit/units';

/** Nearer than this one flame heats both [m]. Judgement: a finished joint so near melts again. */
const ONE_HEAT_M = 0.04;

/** A joint in its turn. */
export interface HeatJoint {
  readonly id: string;
  readonly at: JointPlace | null;
  /** What its plan has chosen. */
  readonly filler?: string;
}

/** What of the turns of near joints is not as it should be. */
export interface HeatAdvice {
  readonly joint: string;
  readonly other: string;
  /** `apart`: one heat would make both, and they are made in two. `higher-first`: the second filler needs more heat, and melts the first again. */
  readonly what: 'apart' | 'higher-first';
}

/** Whether one flame heats both joints: stubs of one body, or ends of one tube, that lie within 40 mm. */
export function isOneHeat(graph: CircuitGraph, a: HeatJoint, b: HeatJoint): boolean {
  if (!a.at || !b.at) return false;
  return jointsNear(graph, a.at, [{ at: b.at }]).some(({ distance }) => metresOf(distance) <= ONE_HEAT_M);
}

/**
 * The order in steps: joints that follow one another and lie so near that one heat makes both are one step.
 *
 * @param order  joints in their turn
 * @returns      ids by step, in the order given
 * @source       a finished joint within 40 mm melts again: both in one heat, or the first with the higher filler
 */
export function heatSteps(graph: CircuitGraph, order: readonly HeatJoint[]): readonly (readonly string[])[] {
  const steps: HeatJoint[][] = [];
  for (const joint of order) {
    const last = steps.at(-1);
    if (last?.every((other) => isOneHeat(graph, joint, other))) last.push(joint);
    else steps.push([joint]);
  }
  return steps.map((step) => step.map(({ id }) => id));
}

const meltsAtC = ({ filler }: HeatJoint): number | null => (filler ? (findFiller(filler)?.solidusC ?? null) : null);

/** What is to be said of near joints in an order: two heats where one would do, or the lower filler first. */
export function heatAdvice(graph: CircuitGraph, order: readonly HeatJoint[]): readonly HeatAdvice[] {
  const steps = heatSteps(graph, order);
  const isTogether = (a: string, b: string) => steps.some((step) => step.includes(a) && step.includes(b));
  return order.flatMap((joint, i) =>
    order.slice(i + 1).flatMap((other): readonly HeatAdvice[] => {
      if (!isOneHeat(graph, joint, other)) return [];
      const [first, second] = [meltsAtC(joint), meltsAtC(other)];
      if (first !== null && second !== null && second > first) return [{ joint: joint.id, other: other.id, what: 'higher-first' }];
      return isTogether(joint.id, other.id) ? [] : [{ joint: joint.id, other: other.id, what: 'apart' }];
    }),
  );
}
