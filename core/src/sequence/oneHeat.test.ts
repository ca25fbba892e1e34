import type { CircuitGraph } from '../circuit/graph';
import { heatAdvice, heatSteps } from './oneHeat';

/** A tee with its three stubs, and a drier whose ends lie 150 mm apart. */
const GRAPH: CircuitGraph = {
  parts: [
    { id: 'tee', kind: 'fitting' },
    { id: 'drier', kind: 'drier' },
    { id: 'coil', kind: 'evaporator' },
    { id: 'valve', kind: 'valve' },
  ],
  links: [
    { from: 'coil', to: 'tee' },
    { from: 'tee', to: 'drier' },
    { from: 'drier', to: 'valve' },
  ],
};
const joint = (id: string, part: string, from: string, to: string, filler = 'BCuP-5') => ({ id, at: { part, from, to }, filler });
const INTO = joint('into', 'tee', 'coil', 'tee');
const OUT = joint('out', 'tee', 'tee', 'drier');
const FAR = joint('far', 'drier', 'drier', 'valve');

test('two stubs of a tee that follow one another are one step; the far end of a drier is its own', () => {
  expect(heatSteps(GRAPH, [INTO, OUT, FAR])).toEqual([['into', 'out'], ['far']]);
  expect(heatSteps(GRAPH, [INTO, FAR, OUT])).toEqual([['into'], ['far'], ['out']]);
});

test('near joints that are made in two heats are told', () => {
  expect(heatAdvice(GRAPH, [INTO, FAR, OUT])).toEqual([{ joint: 'into', other: 'out', what: 'apart' }]);
  expect(heatAdvice(GRAPH, [INTO, OUT, FAR])).toEqual([]);
});

test('stepped, the higher filler comes first: silver at 646 °C before phosphorus at 643 °C melts nothing again', () => {
  const silver = { ...INTO, filler: 'BAg-36' };
  expect(
    heatAdvice(GRAPH, [
      { ...OUT, filler: 'BAg-36' },
      { ...INTO, filler: 'BCuP-5' },
    ]),
  ).toEqual([]);
  expect(heatAdvice(GRAPH, [OUT, silver])).toEqual([{ joint: 'out', other: 'into', what: 'higher-first' }]);
});

test('a joint that is on no drawing is a step of its own', () => {
  expect(heatSteps(GRAPH, [INTO, { id: 'free', at: null }])).toEqual([['into'], ['free']]);
});
