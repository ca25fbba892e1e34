import type { NearRequest } from '../protection/request';
import { planned, q, requestFor } from '../testing/plans';
import { heatAlongTube } from './heatAlong';

const torch = { fuel: 'air-acetylene', powerKw: 4 } as const;
const wrapped = (mm: number, along: NearRequest['along'] = 'male'): NearRequest => ({
  kind: 'check-valve',
  distance: q(mm, 'mm'),
  along,
  protection: 'putty',
});
const plan = (near: readonly NearRequest[] = []) => planned(requestFor({}, { torch, near }));
const curve = (near: readonly NearRequest[], along: 'male' | 'female' = 'male', lengthM = 0.24) =>
  heatAlongTube(plan(near), { along, lengthM });

test('from where distances are counted to the end that is asked, in equal pieces', () => {
  const found = curve([]);
  expect(found?.distancesM).toHaveLength(49);
  expect([found?.distancesM[0], found?.distancesM[1], found?.distancesM.at(-1)]).toEqual([
    0,
    expect.closeTo(0.005, 9),
    expect.closeTo(0.24, 9),
  ]);
  expect(found?.bare.hottestC).toHaveLength(49);
});

test.each([
  [0.009, false],
  [0.01, true],
  [2, true],
  [2.1, false],
  [Number.NaN, false],
])('a length of %d m is worked out: %s', (lengthM, isThere) => expect(curve([], 'male', lengthM) !== null).toBe(isThere));

test('a frame every two seconds, from lighting up to four minutes after the flame', () => {
  const found = curve([]);
  const seconds = found?.bare.frames.map((frame) => frame.seconds) ?? [];
  expect(seconds[0]).toBe(0);
  expect((seconds[1] ?? 0) - 2).toBeLessThan(1);
  seconds.slice(1).forEach((at, i) => expect(at - (seconds[i] ?? 0)).toBeGreaterThanOrEqual(2 - 1e-6));
  seconds.slice(1).forEach((at, i) => expect(at - (seconds[i] ?? 0)).toBeLessThan(3));
  expect((seconds.at(-1) ?? 0) - (found?.flameOffS ?? 0)).toBeGreaterThan(236);
  expect((seconds.at(-1) ?? 0) - (found?.flameOffS ?? 0)).toBeLessThan(244);
});

test('the hottest of each point is the hottest of its frames', () => {
  const { bare } = curve([]) ?? {};
  bare?.hottestC.forEach((hottest, i) =>
    expect(hottest).toBeCloseTo(Math.max(...bare.frames.map((frame) => frame.temperaturesC[i] ?? 0)), 9),
  );
});

test('a wrap cools the tube behind it; without one on this side there is no second curve', () => {
  const found = curve([wrapped(60)]);
  const at = (metres: number) => found?.distancesM.findIndex((d) => d >= metres) ?? -1;
  expect((found?.bare.hottestC[at(0.1)] ?? 0) - (found?.wrapped?.hottestC[at(0.1)] ?? 0)).toBeGreaterThan(30);
  expect(curve([])?.wrapped).toBeNull();
  expect(curve([{ kind: 'valve', distance: q(60, 'mm') }])?.wrapped).toBeNull();
  expect(curve([wrapped(60)], 'female')?.wrapped).toBeNull();
});

test('of two wraps the colder one counts at every point and in every frame', () => {
  const both = curve([wrapped(50), wrapped(120)]);
  const [near, far] = [
    curve([wrapped(50), { ...wrapped(120), protection: 'none' }]),
    curve([{ ...wrapped(50), protection: 'none' }, wrapped(120)]),
  ];
  const coldest = (i: number) => Math.min(near?.wrapped?.hottestC[i] ?? Infinity, far?.wrapped?.hottestC[i] ?? Infinity);
  // The nearer wrap takes from the flame in all three; the second one is another body's.
  both?.wrapped?.hottestC.forEach((c, i) => expect(c).toBeLessThanOrEqual((both.bare.hottestC[i] ?? 0) + 1e-6));
  expect(Math.abs((both?.wrapped?.hottestC[40] ?? 0) - coldest(40))).toBeLessThan(5);
  const frame = both?.wrapped?.frames.at(-1);
  expect(frame?.seconds).toBe(both?.bare.frames.at(-1)?.seconds);
  expect(frame?.temperaturesC.every((c, i) => c <= (both?.bare.frames.at(-1)?.temperaturesC[i] ?? 0) + 1e-6)).toBe(true);
});
