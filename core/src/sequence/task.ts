import { readCircuit } from '../circuit/readCircuit';
import { heatReach } from '../reach/heatReach';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import { GasWays, type GasWay } from './gasWays';
import { MOST_SEQUENCE_JOINTS, OUTLET_FROM_FLAME_M, type SequenceJointRequest, type SequenceRequest } from './request';

/** Of the filler of a joint that nobody named [°C]: BCuP-2 begins to melt there. Source: AWS A5.8. */
export const SOLIDUS_C = 645;
/** So far under it a finished joint is reheated for nothing [K]. Trade habit. */
export const REHEAT_MARGIN_K = 50;
/** What a joint near by is taken to be heated with: 7/8 in copper, a minute at the middle of the brazing range. */
const REHEATED = { od: { value: 22.2, unit: 'mm' }, wall: { value: 1.1, unit: 'mm' }, jointC: 740, seconds: 60 } as const;

/** What the search, and whoever checks an order, needs of a request. */
export interface Task {
  readonly joints: readonly SequenceJointRequest[];
  readonly inlet: string;
  /** Bits of the joints that have to be made before each. */
  readonly before: readonly number[];
  /** How hot each gets when another is made beside it [°C], by place; null where they are far apart. */
  readonly reheatC: (heated: number, made: number) => number | null;
  /** Where the hose can be, the first one where it is. */
  readonly inlets: readonly string[];
  readonly ways: (inlet: string, joint: number, made: number) => readonly GasWay[];
}

const BITS: readonly number[] = Array.from({ length: 53 }, (_, i) => 2 ** i);
export const bit = (i: number): number => BITS[i] ?? 2 ** i;
export const has = (made: number, i: number) => Math.floor(made / bit(i)) % 2 === 1;

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
  read.number('joints', joints.length, { min: 0, max: MOST_SEQUENCE_JOINTS }, '');
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
  const ways = (from: string, joint: number, made: number) => {
    const key = `${from}|${joint}|${made}`;
    const known = kept.get(key) ?? gas.waysFrom(from, joint, (i) => has(made, i));
    kept.set(key, known);
    return known;
  };
  return { joints, inlet, inlets: ports, before, reheatC, ways };
}

/** The request in what the search needs; refused by its fields. */
export function readTask(request: SequenceRequest): Result<Task> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const drawn = readCircuit(request.circuit);
  if (!drawn.ok) return fail(...drawn.errors);
  readRequest(request, read);
  const distance = distancesOf(request.joints, read);
  return read.errors.length > 0 ? fail(...read.errors) : ok(taskOf(request, distance));
}
