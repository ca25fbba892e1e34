import type { CircuitGraph } from '../circuit/graph';
import { ring } from '../testing/rings';
import type { SequenceJointRequest, SequenceRequest } from './request';
import { sequence } from './sequence';

/** A cold room's ring, a port at each end of its liquid line and one on its suction. */
const CIRCUIT: CircuitGraph = ring('comp cond king drier glass exp evap suction');
const hung = (graph: CircuitGraph, ports: Readonly<Record<string, string>>): CircuitGraph => ({
  parts: [...graph.parts, ...Object.keys(ports).map((id) => ({ id, kind: 'port' as const }))],
  links: [...graph.links, ...Object.entries(ports).map(([to, from]) => ({ from, to }))],
});
const ROOM = hung(CIRCUIT, { 'king-port': 'king', 'suction-port': 'suction' });
const joint = (id: string, a: string, b: string, rest: Partial<SequenceJointRequest> = {}): SequenceJointRequest => ({ id, a, b, ...rest });
const asked = (joints: readonly SequenceJointRequest[], rest: Partial<SequenceRequest> = {}): SequenceRequest => ({
  ...{ circuit: ROOM, joints, ports: ['suction-port'], inlet: 'king-port' },
  ...rest,
});
const found = (request: SequenceRequest) => {
  const answer = sequence(request);
  if (!answer.ok) throw new Error(JSON.stringify(answer.errors));
  return answer.value;
};
const idsOf = (request: SequenceRequest) => found(request).order.map((step) => step.joint);

test('a drier is changed: its inlet while its outlet is open, the outlet last, out at the suction port', () => {
  const { order, rigChanges } = found(asked([joint('out', 'drier', 'glass'), joint('in', 'king', 'drier')]));
  expect(order.map(({ joint: id, inlet, outlet }) => [id, inlet, outlet])).toEqual([
    ['in', 'king-port', 'out'],
    ['out', 'king-port', 'suction-port'],
  ]);
  expect(rigChanges).toBe(0);
  expect(order[0]?.why).toContainEqual({ code: 'out-at-joint', joint: 'out' });
  expect(order[1]?.why.map(({ code }) => code)).toEqual(['out-at-port', 'last']);
});

test('what is made on the bench comes first and asks no way of the unit', () => {
  const { order } = found(asked([joint('in', 'king', 'drier'), joint('out', 'drier', 'glass', { bench: true })]));
  expect(order[0]).toMatchObject({ joint: 'out', inlet: null, outlet: null, open: [], why: [{ code: 'bench' }] });
});

test('a shut valve on the way is opened for it, and said before the outlet', () => {
  const shut = { ...ROOM, parts: ROOM.parts.map((part) => (part.id === 'king' ? { ...part, open: false } : part)) };
  const { order } = found(asked([joint('in', 'drier', 'glass')], { circuit: shut }));
  expect(order[0]?.open).toEqual(['king', 'suction-port']);
});

test('without a way out there is no order: the joints are named, and what to open', () => {
  const closed = hung(ROOM, { 'low-port': 'evap' });
  const answer = sequence(asked([joint('in', 'king', 'drier')], { circuit: closed, ports: [] }));
  expect(answer).toEqual({ ok: false, errors: [{ kind: 'no-order', field: 'joints', joints: ['in'], open: 'suction-port' }] });
});

test('gas is not pushed through a compressor: its stub is swept on its own side', () => {
  const { order } = found(asked([joint('stub', 'suction', 'comp')], { inlet: 'suction-port', ports: ['king-port'] }));
  expect(order[0]).toMatchObject({ inlet: 'suction-port', outlet: 'king-port' });
});

test('a reducer is brazed into its part before the tube into the reducer', () => {
  const line = hung({ parts: CIRCUIT.parts, links: CIRCUIT.links }, { 'king-port': 'king', 'suction-port': 'suction' });
  const withReducer: CircuitGraph = {
    parts: [...line.parts, { id: 'reducer', kind: 'fitting' }, { id: 'run', kind: 'tube' }],
    links: [
      ...line.links.filter(({ from, to }) => !(from === 'drier' && to === 'glass')),
      ...[['drier', 'reducer'], ['reducer', 'run'], ['run', 'glass']].map(([from = '', to = '']) => ({ from, to })), // prettier-ignore
    ],
  };
  expect(idsOf(asked([joint('tube', 'reducer', 'run'), joint('part', 'drier', 'reducer')], { circuit: withReducer }))).toEqual([
    'part',
    'tube',
  ]);
});

test('one that stands above another is made after it; what was said to come first does', () => {
  const two = [joint('top', 'evap', 'suction', { above: ['low'] }), joint('low', 'exp', 'evap')];
  expect(idsOf(asked(two))).toEqual(['low', 'top']);
  expect(idsOf(asked([joint('a', 'exp', 'evap', { after: ['b'] }), joint('b', 'evap', 'suction')]))).toEqual(['b', 'a']);
});

test('a joint that would melt its finished neighbour has no turn after it', () => {
  const near = { value: 5, unit: 'mm' };
  const answer = sequence(asked([joint('in', 'king', 'drier', { distanceTo: { out: near } }), joint('out', 'drier', 'glass')]));
  expect(answer).toMatchObject({ ok: false, errors: [{ kind: 'no-order', joints: expect.any(Array) as string[] }] });
});

test.each<[string, Partial<SequenceRequest>, string]>([
  ['a part that is not drawn', { joints: [joint('x', 'king', 'nowhere')] }, 'joints[0].b'],
  ['a joint twice', { joints: [joint('x', 'king', 'drier'), joint('x', 'drier', 'glass')] }, 'joints[1].id'],
  ['one after nobody', { joints: [joint('x', 'king', 'drier', { after: ['y'] })] }, 'joints[0].after[0]'],
  ['an inlet that is not drawn', { inlet: 'nowhere' }, 'inlet'],
  ['none', { joints: [] }, 'joints'],
])('%s is refused by its field', (_, rest, field) => {
  const answer = sequence(asked([joint('in', 'king', 'drier')], rest));
  expect(answer.ok ? null : answer.errors[0]?.field).toBe(field);
});

test('a joint that is called as the port is lets the gas out all the same; more than fifty are refused', () => {
  const two = [joint('suction-port', 'drier', 'glass'), joint('king-port', 'king', 'drier')];
  expect(idsOf(asked(two))).toEqual(['king-port', 'suction-port']);
  expect(found(asked(two)).order[0]?.outlet).toBe('suction-port');
  const many = Array.from({ length: 51 }, (_, i) => joint(`j${i}`, 'king', 'drier'));
  expect(sequence(asked(many))).toMatchObject({ ok: false, errors: [{ kind: 'out-of-range', field: 'joints', max: 50 }] });
});

test('twelve joints in under a second, thirty within five, with progress that can be left', () => {
  const long = (n: number) => {
    const ids = Array.from({ length: n + 1 }, (_, i) => `t${i}`);
    const circuit = hung(
      { parts: ids.map((id) => ({ id, kind: 'tube' as const })), links: ids.slice(1).map((to, i) => ({ from: `t${i}`, to })) },
      { first: 't0', last: `t${n}` },
    );
    const joints = Array.from({ length: n }, (_, i) => joint(`j${i}`, `t${i}`, `t${i + 1}`));
    return { circuit, joints, ports: ['last'], inlet: 'first' };
  };
  const timed = (n: number) => {
    const began = Date.now();
    expect(found(long(n)).order).toHaveLength(n);
    return Date.now() - began;
  };
  expect(timed(12)).toBeLessThan(1000);
  expect(timed(30)).toBeLessThan(5000);
  const told: number[] = [];
  expect(sequence(long(30), (share) => told.push(share) < 3).ok).toBe(false);
  expect(told).toHaveLength(3);
});
