import type { CircuitGraph } from '../circuit/graph';
import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import type { StageFact } from './entry';
import { placesToLook, type PlaceHistory } from './places';

const SPLIT = TEMPLATE_CIRCUITS.split;
const NONE: PlaceHistory = { leaks: [], joints: [] };
const order = (graph: CircuitGraph, facts: readonly StageFact[] = [], history = NONE) =>
  placesToLook(graph, facts, history).map((p) => p.place);
const why = (place: string, history = NONE, facts: readonly StageFact[] = []) =>
  placesToLook(SPLIT, facts, history).find((p) => p.place === place)?.why;
const noted = (kind: 'sign' | 'checked-place', values: object) => ({ stage: 'find', kind, values }) as unknown as StageFact; // cast: no more of it is read

test('without a sign: ports, valves, what is let down through, fittings, coils; a tube that shakes before plain tube, the wall, our own hoses', () => {
  const found = order(SPLIT);
  const place = (name: string) => found.indexOf(name);
  const sorted = ['liquid-port', 'liquid-valve', 'expansion', 'drier', 'compressor>condenser', 'evaporator', 'compressor'];
  expect([...sorted].sort((a, b) => place(a) - place(b))).toEqual(sorted);
  expect(found.slice(-2)).not.toContain('liquid-port');
  expect(place('drier>expansion')).toBeGreaterThan(place('compressor'));
  expect(place('drier>expansion')).toBeLessThan(place('rig'));
});

test('each place says why it is worth looking at', () => {
  expect(why('liquid-port')).toEqual([{ code: 'kind', kind: 'port' }]);
  expect(why('compressor>condenser')).toEqual([{ code: 'shakes' }]);
  expect(why('gas-valve>compressor')).toEqual([{ code: 'shakes' }]);
  expect(why('drier>expansion')).toEqual([{ code: 'in-the-wall' }]);
  expect(why('condenser>liquid-valve')).toEqual([{ code: 'plain-tube' }]);
  expect(why('rig')).toEqual([{ code: 'own-hoses' }]);
});

test('a leak of before outweighs every kind, a sign outweighs leaks; a sister’s leak names her', () => {
  const history: PlaceHistory = {
    leaks: [
      { place: 'condenser', on: '2026-03-01', unit: 'HS4' },
      { place: 'compressor', on: '2025-01-01' },
      { place: 'compressor', on: '2024-01-01' },
    ],
    joints: [{ place: 'drier', tag: 'HS3-03' }],
  };
  expect(order(SPLIT, [noted('sign', { place: 'drier>expansion', sign: 'oil' })], history).slice(0, 3)).toEqual([
    'drier>expansion',
    'compressor',
    'condenser',
  ]);
  expect(why('condenser', history)?.[0]).toEqual({ code: 'leaked-before', on: '2026-03-01', unit: 'HS4' });
  expect(why('compressor', history)?.[0]).toEqual({ code: 'leaked-before', on: '2025-01-01' });
  expect(order(SPLIT, [], { leaks: [], joints: [{ place: 'drier', tag: 'HS3-03' }] }).indexOf('drier')).toBeLessThan(
    order(SPLIT).indexOf('drier'),
  );
});

test('what lies next to an earlier repair moves up, whether the joint is kept or its sign was seen; the repair itself keeps its own reason', () => {
  const seen = [noted('sign', { place: 'expansion', sign: 'earlier-repair' })];
  for (const place of ['drier>expansion', 'expansion>evaporator', 'evaporator']) {
    expect(why(place, NONE, seen)?.[0]).toEqual({ code: 'near-repair' });
  }
  expect(order(SPLIT, seen).indexOf('drier>expansion')).toBeLessThan(order(SPLIT, seen).indexOf('compressor'));
  expect(order(SPLIT).indexOf('drier>expansion')).toBeGreaterThan(order(SPLIT).indexOf('compressor'));
  expect(why('expansion', NONE, seen)?.[0]).toEqual({ code: 'sign', sign: 'earlier-repair' });
  expect(why('compressor', NONE, seen)).toEqual(why('compressor'));
});

test('what was looked at is not offered again; what could not be reached is', () => {
  const checked = (result: string) => order(SPLIT, [noted('checked-place', { place: 'drier', result })]).includes('drier');
  expect(['nothing', 'leak', 'in-part', 'not-reached'].map(checked)).toEqual([false, false, false, true]);
});
