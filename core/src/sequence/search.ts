import { Heap } from '../numeric/heap';
import type { GasWay } from './gasWays';
import { SEQUENCE_COSTS } from './request';
import { bit, has, REHEAT_MARGIN_K, SOLIDUS_C, type Task } from './task';

/** Exact up to so many joints. Above it a search that has looked at so many half-made orders goes on with the cheapest of each length alone. */
const EXACT_TO = 12;
const MOST_LOOKED_AT = 20_000;
const BEAM = 150;

/** Some joints made, in an order, and how the rig stands. */
export interface State {
  readonly made: number;
  readonly order: readonly number[];
  readonly steps: readonly (GasWay | null)[];
  readonly cost: number;
  readonly rigChanges: number;
  readonly inlet: string;
  readonly port: string | null;
}

/** What it costs to make a joint next, beside the rig. Null: it may not be made there. */
function jointCost({ joints, reheatC }: Task, { made, order }: State, joint: number): number | null {
  const own = joints[joint];
  if (!own) return null;
  const last = joints[order.at(-1) ?? -1];
  let cost = last && own.place !== undefined && last.place !== undefined && own.place !== last.place ? SEQUENCE_COSTS.walk : 0;
  for (const [i, other] of joints.entries()) {
    if (!has(made, i)) continue;
    const heatedC = reheatC(joint, i);
    if (heatedC !== null && heatedC > SOLIDUS_C) return null;
    if (heatedC !== null && heatedC > SOLIDUS_C - REHEAT_MARGIN_K) cost += SEQUENCE_COSTS.reheat;
    if (other.above?.includes(own.id)) cost += SEQUENCE_COSTS.underOneAbove;
  }
  return cost;
}

/** The rig for a way, after the one before. */
function rigAfter({ inlet, port, order }: State, way: GasWay) {
  const isFirst = order.length === 0;
  const moves = way.inlet === inlet ? 0 : 1;
  const turns = way.outletIsJoint || port === null || port === way.outlet ? 0 : 1;
  return {
    cost: moves * SEQUENCE_COSTS.hose + turns * SEQUENCE_COSTS.outlet,
    changes: (isFirst ? 0 : moves) + turns,
    inlet: way.inlet,
    port: way.outletIsJoint ? port : way.outlet,
  };
}

/**
 * Ways that are worth a look. Where one leaves the rig as it stands nothing else is: hose and outlet can be changed later at the same cost, and
 * the first outlet is free whenever it comes.
 */
function waysOf({ inlets, ways }: Task, { inlet, port, made }: State, joint: number): readonly GasWay[] {
  const here = ways(inlet, joint, made);
  const still = here.find((way) => way.outletIsJoint || way.outlet === port);
  if (still) return [still];
  return [...here, ...inlets.flatMap((other) => (other === inlet ? [] : ways(other, joint, made)))];
}

function nextStates(task: Task, state: State): readonly State[] {
  const { joints } = task;
  const benchLeft = joints.some(({ bench }, i) => bench === true && !has(state.made, i));
  return joints.flatMap((own, joint): readonly State[] => {
    if (has(state.made, joint) || (benchLeft && own.bench !== true)) return [];
    const needs = task.before[joint] ?? 0;
    if (joints.some((_, i) => has(needs, i) && !has(state.made, i))) return [];
    const cost = jointCost(task, state, joint);
    if (cost === null) return [];
    const made = state.made + bit(joint);
    const next = { made, order: [...state.order, joint] };
    if (own.bench === true)
      return [
        {
          ...next,
          steps: [...state.steps, null],
          cost: state.cost + cost,
          rigChanges: state.rigChanges,
          inlet: state.inlet,
          port: state.port,
        },
      ];
    return waysOf(task, state, joint).map((way) => {
      const rig = rigAfter(state, way);
      const total = { cost: state.cost + cost + rig.cost, rigChanges: state.rigChanges + rig.changes };
      return { ...next, ...total, steps: [...state.steps, way], inlet: rig.inlet, port: rig.port };
    });
  });
}

/** Cheaper first; of equal ones the order that was given, and what is further on before what stands beside it. */
function isBetter(a: State, b: State): boolean {
  if (a.cost !== b.cost) return a.cost < b.cost;
  for (let i = 0; i < Math.min(a.order.length, b.order.length); i++) {
    const [one, other] = [a.order[i] ?? -1, b.order[i] ?? -1];
    if (one !== other) return one < other;
  }
  return a.order.length === b.order.length ? a.rigChanges < b.rigChanges : a.order.length > b.order.length;
}

/** What decides of everything that follows. */
const keyOf = ({ made, inlet, port, order }: State, joints: Task['joints']) =>
  `${made}|${inlet}|${port ?? ''}|${joints[order.at(-1) ?? -1]?.place ?? ''}`;

export interface Found {
  readonly best: State | null;
  /** As far as an order came. */
  readonly farthest: State;
}

type OnStep = (share: number) => boolean;

/** The cheapest half-made order is followed first: of those that stand alike the first that comes is the best. Undefined: too many to look at. */
function bestFirst(task: Task, start: State, onStep: OnStep): Found | undefined {
  const { length } = task.joints;
  const open = new Heap<State>(isBetter);
  const seen = new Set<string>();
  let farthest = start;
  open.push(start);
  for (let state = open.pop(); state; state = open.pop()) {
    const key = keyOf(state, task.joints);
    if (seen.has(key)) continue;
    seen.add(key);
    if (state.order.length > farthest.order.length) {
      farthest = state;
      if (!onStep(state.order.length / length)) return { best: null, farthest };
    }
    if (state.order.length === length) return { best: state, farthest };
    if (length > EXACT_TO && seen.size > MOST_LOOKED_AT) return undefined;
    for (const next of nextStates(task, state)) if (!seen.has(keyOf(next, task.joints))) open.push(next);
  }
  return { best: null, farthest };
}

/** By how many joints are made, the cheapest of each length. */
function beam(task: Task, start: State, onStep: OnStep): Found {
  let layer: readonly State[] = [start];
  for (let made = 0; made < task.joints.length; made++) {
    const next = new Map<string, State>();
    for (const following of layer.flatMap((state) => nextStates(task, state))) {
      const key = keyOf(following, task.joints);
      const known = next.get(key);
      if (!known || isBetter(following, known)) next.set(key, following);
    }
    const [farthest = start] = layer;
    if (next.size === 0 || !onStep((made + 1) / task.joints.length)) return { best: null, farthest };
    layer = [...next.values()].sort((a, b) => (isBetter(a, b) ? -1 : 1)).slice(0, BEAM);
  }
  return { best: layer[0] ?? null, farthest: layer[0] ?? start };
}

/** The cheapest order there is; null where none is, or the search was left. */
export function search(task: Task, onStep: OnStep): Found {
  const start: State = { made: 0, order: [], steps: [], cost: 0, rigChanges: 0, inlet: task.inlet, port: null };
  return bestFirst(task, start, onStep) ?? beam(task, start, onStep);
}
