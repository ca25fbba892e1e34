import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import type { JointState } from '../record/state';
import type { StageFact } from '../stage/entry';
import { drawnJointsOf, sequenceOfDrawing, type DrawnJoint } from './ofDrawing';
import { orderBreaks } from './orderBreaks';
import { sequence } from './sequence';

const SPLIT = TEMPLATE_CIRCUITS.split;
const at = (id: string, part: string, from: string, to: string, isBench = false): DrawnJoint => ({ id, at: { part, from, to }, isBench });
/** A drier is changed: both of its ends. */
const DRIER = [at('in', 'drier', 'liquid-valve', 'drier'), at('out', 'drier', 'drier', 'expansion')] as const;
const orderOf = (joints: readonly DrawnJoint[], inlet: string | null = null) => {
  const request = sequenceOfDrawing(SPLIT, joints, inlet);
  const found = request ? sequence(request) : null;
  return found?.ok ? found.value.order.map(({ joint, outlet }) => `${joint} ${outlet ?? 'bench'}`) : null;
};

test('both ends of a drier from its drawing: while one is open the gas leaves there, then at the other port', () => {
  expect(orderOf(DRIER)).toEqual(['in out', 'out gas-port']);
  expect(orderOf(DRIER, 'gas-port')).toEqual(['out in', 'in liquid-port']);
});

test('both ends of one tube are two joints', () => {
  const both = [at('far', 'drier', 'liquid-valve', 'drier'), at('near', 'liquid-valve', 'liquid-valve', 'drier')];
  expect(orderOf(both)).toEqual(['near far', 'far gas-port']);
});

test('one that is made on the bench comes first', () => {
  expect(orderOf([DRIER[0], { ...DRIER[1], isBench: true }])?.[0]).toBe('out bench');
});

test('a tube that ends at the compressor is swept on its own side: nothing is pushed through the compressor', () => {
  expect(orderOf([at('stub', 'gas-valve', 'gas-valve', 'compressor')], 'gas-port')).toEqual(['stub liquid-port']);
});

test('a joint that is made is tube by now; the way of joining that was said last counts', () => {
  const summary = (id: string, state: JointState, { at: place }: DrawnJoint) => ({ id, state, at: place });
  const joining = (method: string) => ({ kind: 'joining', values: { place: 'drier', method } }) as unknown as StageFact; // cast: no more of it is read
  const drawn = drawnJointsOf(
    [summary('in', 'passed', DRIER[0]), summary('out', 'planned', DRIER[1])],
    [joining('bench'), joining('braze')],
  );
  expect(drawn).toEqual([{ id: 'out', at: DRIER[1].at, isBench: false }]);
  // Nothing is open any more before it: the gas leaves at the port.
  expect(orderOf(drawn)).toEqual(['out gas-port']);
  expect(drawnJointsOf([summary('out', 'planned', DRIER[1])], [joining('bench')])[0]?.isBench).toBe(true);
});

test('nothing that is drawn, or no port: nothing is asked', () => {
  expect(sequenceOfDrawing(SPLIT, [{ id: 'x', at: null, isBench: false }], null)).toBeNull();
  const bare = { ...SPLIT, parts: SPLIT.parts.filter(({ kind }) => kind !== 'port'), links: SPLIT.links.slice(0, 7) };
  expect(sequenceOfDrawing(bare, DRIER, null)).toBeNull();
});

test('an order that is moved by hand is named where it breaks a rule, and nowhere else', () => {
  const bench = [DRIER[0], { ...DRIER[1], isBench: true }];
  const breaks = (joints: readonly DrawnJoint[], order: readonly string[]) => {
    const request = sequenceOfDrawing(SPLIT, joints, null);
    const found = request ? orderBreaks(request, order) : null;
    return found?.ok ? found.value : null;
  };
  expect(breaks(DRIER, ['in', 'out'])).toEqual([]);
  // Made before it, the outlet keeps the gas of the liquid port from coming as far; the other port gives it.
  expect(breaks(DRIER, ['out', 'in'])).toEqual([]);
  expect(breaks(bench, ['in', 'out'])).toEqual([{ joint: 'in', rule: 'bench-first', others: ['out'] }]);
  expect(breaks(bench, ['out', 'in'])).toEqual([]);
});
