import fc from 'fast-check';
import { planned, q, refusals, requestFor } from '../testing/plans';
import { ROD_WASTE } from './amount';

/** Outside [in], cup [mm], wall [in], net volume [mm3] at 0.05 and 0.10 mm a side: the reference table, one fillet, full fill. */
const TABLE = [
  [0.25, 7.9, 0.03, 13, 21],
  [0.375, 7.9, 0.032, 19, 31],
  [0.5, 9.7, 0.032, 28, 48],
  [0.625, 12.7, 0.035, 45, 76],
  [0.875, 19.0, 0.045, 96, 163],
  [1.125, 23.1, 0.05, 151, 255],
  [1.625, 27.7, 0.06, 277, 456],
  [2.125, 34.0, 0.07, 440, 728],
] as const;

const joint = (odIn: number, cupMm: number, wallIn: number, gapMm: number) =>
  requestFor(
    { bore: q(odIn * 25.4 + 2 * gapMm, 'mm'), cupDepth: q(cupMm, 'mm') },
    { choose: 'BCuP-5' },
    { od: q(odIn, 'in'), wall: q(wallIn, 'in') },
  );

test.each(TABLE)('%d in tube in its cup', (od, cup, wall, at05, at10) => {
  const volume = (gap: number) => (planned(joint(od, cup, wall, gap)).rod?.volumeM3 ?? 0) * 1e9;
  expect(Math.abs(volume(0.05) / at05 - 1)).toBeLessThan(0.04);
  expect(Math.abs(volume(0.1) / at10 - 1)).toBeLessThan(0.04);
});

test('mass and length include drips and stubs, the volume does not', () => {
  const rod = planned(joint(0.875, 19.05, 0.045, 0.05)).rod;
  expect(rod).not.toBeNull();
  if (!rod) return;
  // Flat 0.050 x 1/8 in is 4.03 mm2; 5 mm of it stay on the stub.
  expect(rod.massKg).toBeCloseTo((rod.volumeM3 * ROD_WASTE + 0.005 * 4.032e-6) * 8400, 6);
  expect(rod.lengthM * rod.sticks).toBeGreaterThan(0);
});

test('the van’s rod decides the length; of a thicker one more stays on the stub', () => {
  const withRod = (rod: 'round-1/16' | 'round-1/8') => planned(requestFor({}, { stock: [{ designation: 'BCuP-5', rod }] })).rod;
  const [thin, thick] = [withRod('round-1/16'), withRod('round-1/8')];
  expect(thick?.massKg ?? 0).toBeGreaterThan(thin?.massKg ?? Infinity);
  expect(((thin?.lengthM ?? 0) - 0.005) / ((thick?.lengthM ?? 1) - 0.005)).toBeCloseTo(4, 6);
});

test('the person’s own factor comes after the waste', () => {
  const plain = planned(requestFor({})).rod;
  const own = planned(requestFor({}, { rodFactor: 1.2 })).rod;
  expect(own?.massKg).toBeCloseTo((plain?.massKg ?? 0) * 1.2, 12);
  expect(own?.volumeM3).toBe(plain?.volumeM3);
});

test('a wider gap never takes less rod', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.03, max: 0.1, noNaN: true }), fc.double({ min: 0, max: 0.1, noNaN: true }), (gap, more) => {
      const length = (g: number) => planned(joint(0.875, 19, 0.045, g)).rod?.lengthM ?? 0;
      return length(gap + more) >= length(gap);
    }),
    { numRuns: 40 },
  );
});

test.each([
  ['a rod by diameter', { diameter: q(2, 'mm') }, []],
  ['a flat rod', { width: q(3, 'mm'), thickness: q(1.27, 'mm') }, []],
  ['a rod of no thickness', { diameter: q(0, 'mm') }, ['stock[0].rod.diameter']],
])('%s', (_what, rod, fields) => {
  expect(refusals(requestFor({}, { stock: [{ designation: 'BCuP-5', rod }] })).map((r) => r.field)).toEqual(fields);
});
