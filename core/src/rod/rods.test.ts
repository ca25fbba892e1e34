import { findFiller } from '../filler/fillers';
import { refusals, q, requestFor } from '../testing/plans';
import { FieldReader } from '../unit/fieldReader';
import { resolveRod, rodLength, RODS, sticksLengthM } from './rods';

const filler = findFiller('BCuP-5');
if (!filler) throw new Error('BCuP-5 is in the table');

test('a metre of 1/8 in round weighs its 7.92 mm2 of filler, and is two sticks of 18 in and a bit', () => {
  const { massKg, sticks } = rodLength({ ...filler, densityKgPerM3: 8000 }, 'round-1/8', 1);
  expect(massKg).toBeCloseTo(0.06334, 4);
  expect(sticks).toBeCloseTo(2.187, 3);
});

test('sticks laid end to end: 3 of 20 in are 1.524 m', () => {
  expect(sticksLengthM('flat-0.050x1/8', 3)).toBeCloseTo(1.524, 9);
  expect(sticksLengthM({ diameter: q(2, 'mm') }, 4)).toBe(2);
});

test('sections: 4.03 mm2 flat, 1.98, 4.45 and 7.92 mm2 round', () => {
  const mm2 = Object.fromEntries(Object.entries(RODS).map(([name, { areaM2 }]) => [name, Math.round(areaM2 * 1e8) / 100]));
  expect(mm2).toEqual({ 'flat-0.050x1/8': 4.03, 'round-1/16': 1.98, 'round-3/32': 4.45, 'round-1/8': 7.92 });
});

test('a typed section is read as typed, in half metre sticks', () => {
  const flat = resolveRod('rod', { width: q(3, 'mm'), thickness: q(1.27, 'mm') }, new FieldReader());
  expect(flat.areaM2 * 1e6).toBeCloseTo(3.81, 6);
  expect(flat.stickM).toBe(0.5);
});

test.each([
  ['width', { width: q(30, 'mm'), thickness: q(1, 'mm') }],
  ['thickness', { width: q(3, 'mm'), thickness: q(0, 'mm') }],
])('a flat rod’s %s that cannot be is named', (key, rod) => {
  expect(refusals(requestFor({}, { stock: [{ designation: 'BCuP-5', rod }] })).map((r) => r.field)).toEqual([`stock[0].rod.${key}`]);
});
