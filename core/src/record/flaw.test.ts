import { flawOnRing } from './flaw';

test.each([
  // 22.2 mm: 69.7 mm all round; a ninth of it is 7.75 mm.
  ['at the top, over twelve', { fromDeg: 340, toDeg: 20 }, 40, 7.75, true],
  ['towards whoever looks', { fromDeg: 150, toDeg: 210 }, 60, 11.62, false],
  ['all round', { fromDeg: 90, toDeg: 90 }, 360, 69.74, false],
])('%s', (_where, flaw, degrees, lengthMm, isBack) => {
  const found = flawOnRing(flaw, 0.0222);
  expect([found.degrees, found.isBack]).toEqual([degrees, isBack]);
  expect(found.lengthM * 1000).toBeCloseTo(lengthMm, 1);
});
