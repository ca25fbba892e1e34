import { tubesUnder, type TubeRun } from './tubeRuns';

const RUNS: readonly TubeRun[] = [
  { link: 0, from: { x: 0, y: 0 }, to: { x: 100, y: 0 } },
  { link: 1, from: { x: 0, y: 30 }, to: { x: 100, y: 30 } },
  { link: 1, from: { x: 100, y: 30 }, to: { x: 100, y: 90 } },
];

test('a thumb anywhere along a tube finds it, at its end as well', () => {
  expect(tubesUnder(RUNS, { x: 80, y: -8 }, 22)).toEqual([0]);
  expect(tubesUnder(RUNS, { x: 104, y: 85 }, 22)).toEqual([1]);
  expect(tubesUnder(RUNS, { x: 50, y: 60 }, 22)).toEqual([]);
});

test('where two lie under it both are told, the nearer first and each once', () => {
  expect(tubesUnder(RUNS, { x: 50, y: 18 }, 22)).toEqual([1, 0]);
});
