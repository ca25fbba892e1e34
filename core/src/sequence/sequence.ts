import { readCircuit } from '../circuit/readCircuit';
import { heatReach } from '../reach/heatReach';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import { GasWays, type GasWay } from './gasWays';
import { OUTLET_FROM_FLAME_M, SEQUENCE_COSTS, type SequenceJointRequest, type SequenceRequest } from './request';

export type StepWhy =
  | { readonly code: 'bench' }
  | { readonly code: 'out-at-port'; readonly port: string }
  | { readonly code: 'out-at-joint'; readonly joint: string }
  | { readonly code: 'after'; readonly joints: readonly string[] }
  | { readonly code: 'captive'; readonly names: readonly string[] }
  | { readonly code: 'last' };

export interface SequenceStep {
  readonly joint: string;
  /** Null on the bench. */
  readonly inlet: string | null;
  readonly outlet: string | null;
  /** Shut valves on the way, then the outlet. */
  readonly open: readonly string[];
  /** Parts the gas passes; none on the bench. */
  readonly path: readonly string[];
  readonly why: readonly StepWhy[];
}

export interface Sequence {
  readonly order: readonly SequenceStep[];
  readonly rigChanges: number;
  /** What the changes cost [min]. */
  readonly minutes: number;
}

/** Exact up to so many joints; above it the cheapest of many half-made orders are followed. */
const EXACT_TO = 12;
const BEAM = 400;
/** Of the filler of a joint that nobody named [°C]: BCuP-2 begins to melt there. */
const SOLIDUS_C = 645;
const REHEAT_MARGIN_K = 50;
/** What a joint near by is taken to be heated with: 7/8 in copper, a minute at the middle of the brazing range. */
const REHEATED = { od: { value: 22.2, unit: 'mm' }, wall: { value: 1.1, unit: 'mm' }, jointC: 740, seconds: 60 } as const;

interface State {
  readonly made: number;
  readonly order: readonly number[];
  readonly steps: readonly (GasWay | null)[];
  readonly cost: number;
  readonly rigChanges: number;
  readonly inlet: string;
  readonly port: string | null;
}

interface Task {
  readonly joints: readonly SequenceJointRequest[];
  readonly inlet: string;
  /** Bits of the joints that have to be made before each. */
  readonly before: readonly number[];
  /** How hot each gets when another is made beside it [°C], by place; null where they are far apart. */
  readonly reheatC: (heated: number, made: number) => number | null;
  readonly ways: (joint: number, made: number) => readonly GasWay[];
}

const bit = (i: number) => 2 ** i;
const has = (made: number, i: number) => Math.floor(made / bit(i)) % 2 === 1;

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
    return task.ways(joint, state.made).map((way) => {
      const rig = rigAfter(state, way);
      const total = { cost: state.cost + cost + rig.cost, rigChanges: state.rigChanges + rig.changes };
      return { ...next, ...total, steps: [...state.steps, way], inlet: rig.inlet, port: rig.port };
    });
  });
}

/** Cheaper first; of equal ones the order that was given. */
function isBetter(a: State, b: State): boolean {
  if (a.cost !== b.cost) return a.cost < b.cost;
  for (const [i, joint] of a.order.entries()) {
    const other = b.order[i] ?? -1;
    if (joint !== other) return joint < other;
  }
  return a.rigChanges < b.rigChanges;
}

/** What decides of everything that follows. */
const keyOf = ({ made, inlet, port, order }: State, joints: Task['joints']) =>
  `${made}|${inlet}|${port ?? ''}|${joints[order.at(-1) ?? -1]?.place ?? ''}`;

/** Orders by how many joints are made: of those that stand alike the best is followed. */
function search(task: Task, onStep: (share: number) => boolean): { readonly best: State | null; readonly farthest: State } {
  const start: State = { made: 0, order: [], steps: [], cost: 0, rigChanges: 0, inlet: task.inlet, port: null };
  let layer: readonly State[] = [start];
  let farthest = start;
  const isExact = task.joints.length <= EXACT_TO;
  for (let made = 0; made < task.joints.length; made++) {
    const next = new Map<string, State>();
    for (const state of layer) {
      for (const following of nextStates(task, state)) {
        const key = keyOf(following, task.joints);
        const known = next.get(key);
        if (!known || isBetter(following, known)) next.set(key, following);
      }
    }
    const all = [...next.values()];
    layer = isExact ? all : all.sort((a, b) => (isBetter(a, b) ? -1 : 1)).slice(0, BEAM);
    const [first] = layer;
    if (first) farthest = layer.reduce((best, state) => (isBetter(state, best) ? state : best), first);
    if (layer.length === 0 || !onStep((made + 1) / task.joints.length)) return { best: null, farthest };
  }
  return { best: farthest, farthest };
}

/** Where the tube goes into a reducer, the reducer is brazed into its part first. */
function reducersFirst({ circuit, joints }: SequenceRequest): readonly number[] {
  const kind = (id: string) => circuit.parts.find((part) => part.id === id)?.kind;
  const isReducer = (id: string) =>
    kind(id) === 'fitting' && /reduc/i.test(`${id} ${circuit.parts.find((part) => part.id === id)?.name ?? ''}`);
  return joints.map(({ a, b }) => {
    const reducer = isReducer(a) ? a : isReducer(b) ? b : null;
    if (reducer === null || kind(reducer === a ? b : a) !== 'tube') return 0;
    const into = joints.findIndex((other) => [other.a, other.b].includes(reducer) && ![other.a, other.b].some((id) => kind(id) === 'tube'));
    return into < 0 ? 0 : bit(into);
  });
}

function readRequest({ circuit, joints, ports, inlet }: SequenceRequest, read: FieldReader): void {
  const isPart = (id: string) => circuit.parts.some((part) => part.id === id);
  const partAt = (field: string, id: string) => {
    if (!isPart(id)) read.errors.push({ kind: 'refused', field, reason: 'no-such-part', value: id });
  };
  if (joints.length === 0) read.errors.push({ kind: 'missing', field: 'joints', needed: 'a-joint' });
  joints.forEach((joint, i) => {
    partAt(`joints[${i}].a`, joint.a);
    partAt(`joints[${i}].b`, joint.b);
    if (joints.findIndex(({ id }) => id === joint.id) !== i)
      read.errors.push({ kind: 'refused', field: `joints[${i}].id`, reason: 'given-twice', value: joint.id });
    (joint.after ?? []).forEach((id, k) => {
      if (!joints.some((other) => other.id === id))
        read.errors.push({ kind: 'refused', field: `joints[${i}].after[${k}]`, reason: 'no-such-joint', value: id });
    });
  });
  ports.forEach((id, i) => partAt(`ports[${i}]`, id));
  partAt('inlet', inlet);
}

/** Distances between joints [m], by place; null where nobody said. */
function distancesOf(joints: readonly SequenceJointRequest[], read: FieldReader): (a: number, b: number) => number | null {
  const metres = new Map<string, number>();
  joints.forEach(({ id, distanceTo = {} }, i) => {
    for (const [other, length] of Object.entries(distanceTo)) {
      const m = read.lengthM(`joints[${i}].distanceTo.${other}`, length, { min: 0, max: 500 });
      metres.set(`${id}|${other}`, m);
      if (!metres.has(`${other}|${id}`)) metres.set(`${other}|${id}`, m);
    }
  });
  return (a, b) => metres.get(`${joints[a]?.id ?? ''}|${joints[b]?.id ?? ''}`) ?? null;
}

/** How hot a joint gets so far from one that is heated [°C]. */
function reheated(distanceM: number): number {
  const at: Quantity = { value: Math.max(0.001, distanceM), unit: 'm' };
  const { od, wall, jointC, seconds } = REHEATED;
  const found = heatReach({
    ...{ tube: { metal: 'copper', od, wall }, ambient: { value: 20, unit: 'C' } },
    ...{ jointTemperature: { value: jointC, unit: 'C' }, seconds, at: [at] },
  });
  return found.ok ? (found.value.points[0]?.peakC ?? 20) : 20;
}

function taskOf(request: SequenceRequest, distance: (a: number, b: number) => number | null): Task {
  const { joints, circuit, inlet } = request;
  const ports = [inlet, ...request.ports.filter((port) => port !== inlet)];
  const isFar = (from: number, to: number) => {
    const apart = distance(from, to);
    return apart === null || apart >= OUTLET_FROM_FLAME_M;
  };
  const gas = new GasWays(circuit, joints, ports, isFar);
  const reducers = reducersFirst(request);
  const before = joints.map(({ after = [] }, i) => {
    const all = new Set(after.map((id) => joints.findIndex((other) => other.id === id)));
    return [...all].reduce((sum, k) => sum + bit(k), 0) + (reducers[i] && !all.has(Math.log2(reducers[i])) ? reducers[i] : 0);
  });
  const hot = new Map<number, number>();
  const reheatC = (heated: number, made: number) => {
    const apart = distance(heated, made);
    if (apart === null) return null;
    const known = hot.get(apart) ?? reheated(apart);
    hot.set(apart, known);
    return known;
  };
  const kept = new Map<string, readonly GasWay[]>();
  const ways = (joint: number, made: number) => {
    const key = `${joint}|${made}`;
    const known = kept.get(key) ?? gas.waysFor(joint, (i) => has(made, i));
    kept.set(key, known);
    return known;
  };
  return { joints, inlet, before, reheatC, ways };
}

function whyOf(task: Task, { order, steps }: State, i: number): readonly StepWhy[] {
  const joint = order[i] ?? -1;
  const own = task.joints[joint];
  const way = steps[i];
  const needs = task.joints.filter((_, k) => has(task.before[joint] ?? 0, k)).map(({ id }) => id);
  return [
    ...(own?.bench === true ? [{ code: 'bench' } as const] : []),
    ...(own?.captive && own.captive.length > 0 ? [{ code: 'captive', names: own.captive } as const] : []),
    ...(needs.length > 0 ? [{ code: 'after', joints: needs } as const] : []),
    ...(way
      ? [way.outletIsJoint ? ({ code: 'out-at-joint', joint: way.outlet } as const) : ({ code: 'out-at-port', port: way.outlet } as const)]
      : []),
    ...(i === order.length - 1 && order.length > 1 ? [{ code: 'last' } as const] : []),
  ];
}

/**
 * In which order joints are brazed, so that at each one gas gets in, through it and out beyond it, and the rig is changed least.
 *
 * @param request  the circuit as drawn, its joints by the two parts each joins, ports that may be opened, where the hose is at first
 * @param onStep   told how far the search is, 0..1; answers false to leave it
 * @returns        the order with the way of the gas at each step. Refused: parts that are not drawn, a joint twice, and where no order is
 *                 possible, naming the joints and the part to open
 * @accuracy       exact up to 12 joints; above, the best of 400 half-made orders at each step. Costs are trade habit
 * @source         purge practice of brazers: an open end lets the gas out and not past, the last joint has an open port
 */
export function sequence(request: SequenceRequest, onStep: (share: number) => boolean = () => true): Result<Sequence> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const drawn = readCircuit(request.circuit);
  if (!drawn.ok) return fail(...drawn.errors);
  readRequest(request, read);
  const distance = distancesOf(request.joints, read);
  if (read.errors.length > 0) return fail(...read.errors);
  const task = taskOf(request, distance);
  const { best, farthest } = search(task, onStep);
  if (!best) return fail({ kind: 'no-order', field: 'joints', ...stuckAt(request, farthest) });
  const order = best.order.map((joint, i): SequenceStep => {
    const way = best.steps[i] ?? null;
    return {
      joint: task.joints[joint]?.id ?? '',
      inlet: way?.inlet ?? null,
      outlet: way?.outlet ?? null,
      open: way?.open ?? [],
      path: way?.path ?? [],
      why: whyOf(task, best, i),
    };
  });
  return ok({ order, rigChanges: best.rigChanges, minutes: best.cost });
}

/** Which joints have no turn, and a part whose opening would let the gas out. */
function stuckAt(
  { circuit, joints, ports, inlet }: SequenceRequest,
  { made }: State,
): { readonly joints: readonly string[]; readonly open: string } {
  const left = joints.filter((_, i) => !has(made, i));
  const other = circuit.parts.find(({ id, kind }) => kind === 'port' && id !== inlet && !ports.includes(id));
  return { joints: left.map(({ id }) => id), open: other?.id ?? left[0]?.b ?? '' };
}

/** What an order breaks, at which joint. */
export interface OrderBreak {
  readonly joint: string;
  readonly rule: 'no-way' | 'bench-first' | 'before' | 'melts';
  /** That should have come before, or would melt. */
  readonly others: readonly string[];
}

/**
 * Which rules an order breaks, joint by joint, by the same rules that one is searched by.
 *
 * @param request  as for `sequence`
 * @param order    ids of all its joints; ids of others are passed over
 * @returns        none where the order may be made. Refused: what `sequence` refuses but for a search that finds nothing
 */
export function orderBreaks(request: SequenceRequest, order: readonly string[]): Result<readonly OrderBreak[]> {
  const read = new FieldReader();
  const drawn = readCircuit(request.circuit);
  if (!drawn.ok) return fail(...drawn.errors);
  readRequest(request, read);
  const distance = distancesOf(request.joints, read);
  if (read.errors.length > 0) return fail(...read.errors);
  const task = taskOf(request, distance);
  const breaks: OrderBreak[] = [];
  let made = 0;
  for (const id of order) {
    const joint = task.joints.findIndex((other) => other.id === id);
    const own = task.joints[joint];
    if (!own || has(made, joint)) continue;
    const late = (test: (i: number) => boolean) => task.joints.filter((_, i) => test(i)).map((other) => other.id);
    const needs = late((i) => has(task.before[joint] ?? 0, i) && !has(made, i));
    const bench = own.bench === true ? [] : late((i) => task.joints[i]?.bench === true && !has(made, i));
    const melts = late((i) => has(made, i) && (task.reheatC(joint, i) ?? 0) > SOLIDUS_C);
    if (needs.length > 0) breaks.push({ joint: id, rule: 'before', others: needs });
    if (bench.length > 0) breaks.push({ joint: id, rule: 'bench-first', others: bench });
    if (melts.length > 0) breaks.push({ joint: id, rule: 'melts', others: melts });
    if (own.bench !== true && task.ways(joint, made).length === 0) breaks.push({ joint: id, rule: 'no-way', others: [] });
    made += bit(joint);
  }
  return ok(breaks);
}
