import type { CircuitKind } from '../vocabulary';
import { metresOf, type Quantity } from '../unit/units';
import { kindOf, measuredLength, type CircuitGraph } from './graph';
import type { JointPlace } from './jointAt';

/** A joint that is made before the one that is planned. */
export interface EarlierJoint {
  readonly at: JointPlace | null;
  /** What it is made with, where that is known. */
  readonly filler?: string;
}

/** A finished joint that the heat of the next one reaches. */
export interface FinishedNear {
  readonly kind: 'brazed-joint';
  readonly distance: Quantity;
  readonly filler?: string;
}

/** Further along a tube than this its heat is not felt [m]. Judgement, as for parts: copper at brazing heat is within its limits there. */
const REACH_M = 1;

/** From stub to stub of one body [mm]: bodies of 3/8 to 7/8 in as they are sold. Judgement, to be measured on the part. */
const STUBS_APART_MM: Readonly<Partial<Record<CircuitKind, number>>> = {
  'reversing-valve': 35,
  fitting: 40,
  distributor: 40,
  'expansion-valve': 70,
  'check-valve': 80,
  solenoid: 90,
  valve: 90,
  'sight-glass': 100,
  drier: 150,
};

const sameTube = (a: JointPlace, b: JointPlace) => a.from === b.from && a.to === b.to;

/**
 * Joints that are finished by then and lie so near that the next one may soften them: at the other stubs of its part (a tee, a four-stub
 * valve), and at the other end of its tube.
 *
 * @param place    of the joint that is planned
 * @param earlier  joints that are made before it
 * @returns        each with its distance: the body's usual one between stubs, the tube's length where it is drawn and under 1 m
 * @source         order of work; a joint softens from its filler's solidus on
 */
export function jointsNear(graph: CircuitGraph, place: JointPlace, earlier: readonly EarlierJoint[]): readonly FinishedNear[] {
  const kind = kindOf(graph, place.part);
  const apartMm = kind && STUBS_APART_MM[kind];
  const own = graph.links.find((link) => link.from === place.from && link.to === place.to);
  const length = own && measuredLength(own);
  return earlier.flatMap(({ at, filler }): readonly FinishedNear[] => {
    if (!at) return [];
    const isStub = at.part === place.part && !sameTube(at, place);
    const isOtherEnd = at.part !== place.part && sameTube(at, place);
    const distance = isStub && apartMm !== undefined ? { value: apartMm, unit: 'mm' } : isOtherEnd ? length : undefined;
    if (!distance || !(metresOf(distance) <= REACH_M)) return [];
    return [{ kind: 'brazed-joint', distance, ...(filler === undefined ? {} : { filler }) }];
  });
}
