import { kindOf, tubePlace, type CircuitGraph, type CircuitLink } from '../circuit/graph';
import { jointAt, type JointPlace } from '../circuit/jointAt';
import type { Captive, HotWorkAnswer, JoiningMethod, TakenOut } from '../ledger/words';
import type { JointPlan } from '../plan/planJoint';
import type { CircuitKind, NearKind } from '../vocabulary';

/** What was said of something that comes out, in the order it was said. */
export interface TakenOutSaid {
  readonly what: TakenOut;
  readonly place: string;
  /** Null: it was put back. */
  readonly answer: HotWorkAnswer | null;
}

/** Something that has to be out before the flame, and back before the hold. */
export interface OutPoint {
  readonly what: TakenOut;
  readonly place: string;
  /** `open`: nobody said. `out`: taken out, not back yet. `back`, `none`: nothing is left to do. */
  readonly state: 'open' | 'out' | 'back' | 'none';
}

/** A joint of the job that is still to be made. */
export interface ClosingJoint {
  readonly at: JointPlace | null;
  readonly plan: JointPlan | null;
}

/** Pipes of these pass a panel of their machine. Judgement. */
const IN_A_CASE: readonly CircuitKind[] = ['compressor', 'condenser', 'evaporator'];
const WITH_COIL: readonly CircuitKind[] = ['solenoid', 'reversing-valve'];
const FROM_NEAR: Readonly<Partial<Record<NearKind, TakenOut>>> = {
  core: 'core',
  'power-head': 'bulb',
  coil: 'coil',
  sensor: 'sensor',
  switch: 'sensor',
  transducer: 'sensor',
};

const linkAt = (graph: CircuitGraph, at: JointPlace): CircuitLink | undefined =>
  graph.links.find((link) => tubePlace(link) === tubePlace(at));

/**
 * What has to be on the tube before its joint closes it: afterwards it goes on no more.
 *
 * @param at       the joint's place
 * @param joining  how each part is joined, where that was decided
 * @returns        insulation on cold lines; a sleeve where the tube goes through a wall; a nut where an end of the tube is flared; the grommet
 *                 or panel of a machine that stands in a case
 * @source         practice at the bench and on site; which of them there are is answered by whoever stands there
 */
export function captiveAt(graph: CircuitGraph, at: JointPlace, joining: ReadonlyMap<string, JoiningMethod>): readonly Captive[] {
  const link = linkAt(graph, at);
  const side = jointAt(graph, at)?.side;
  if (!link || !side) return [];
  const ends = [link.from, link.to];
  const isCold = side === 'suction' || side === 'low';
  return [
    ...(isCold ? (['insulation'] as const) : []),
    ...(link.throughWall ? (['wall-sleeve'] as const) : []),
    ...(ends.some((end) => joining.get(end) === 'flare') ? (['flare-nut'] as const) : []),
    ...(ends.some((end) => IN_A_CASE.includes(kindOf(graph, end) ?? 'tube')) ? (['panel'] as const) : []),
  ];
}

function outAt(graph: CircuitGraph, { at, plan }: ClosingJoint): readonly Pick<OutPoint, 'what' | 'place'>[] {
  if (!at) return [];
  const kind = kindOf(graph, at.part);
  const near = (plan?.protection ?? []).flatMap(({ part, measures }) => {
    const what = FROM_NEAR[part.kind];
    return what && measures.some((measure) => measure === 'take-out' || measure === 'take-off') ? [{ what, place: at.part }] : [];
  });
  return [
    ...near,
    ...(kind === 'expansion-valve' ? [{ what: 'bulb', place: at.part } as const] : []),
    ...(kind !== undefined && WITH_COIL.includes(kind) ? [{ what: 'coil', place: at.part } as const] : []),
    ...(kind === 'valve' ? [{ what: 'seal', place: at.part } as const] : []),
  ];
}

/**
 * What comes out before the flame, and goes back before the hold.
 *
 * @param joints  that are still to be made, with their plans
 * @param said    what was said of each, in its order
 * @returns       each once: cores of the ports that the gas uses, bulbs, coils, seals of valves that are heated, sensors beside the joint
 * @source        order of work at set-up: cores, bulbs and seals do not bear a torch; gas gets out where the core is out
 */
export function takenOutOf(graph: CircuitGraph, joints: readonly ClosingJoint[], said: readonly TakenOutSaid[]): readonly OutPoint[] {
  const cores = joints.length === 0 ? [] : graph.parts.filter(({ kind, core }) => kind === 'port' && core !== 'out');
  const asked = [...cores.map(({ id }) => ({ what: 'core', place: id }) as const), ...joints.flatMap((joint) => outAt(graph, joint))];
  // What was taken out of a joint that is made meanwhile still has to go back.
  const out = said.filter(({ answer }) => answer === 'done');
  const all = new Map([...asked, ...out].map(({ what, place }) => [`${what}/${place}`, { what, place }]));
  return [...all.values()].map(({ what, place }) => {
    const last = said.findLast((one) => one.what === what && one.place === place);
    const state = !last ? 'open' : last.answer === null ? 'back' : last.answer === 'done' ? 'out' : 'none';
    return { what, place, state };
  });
}
