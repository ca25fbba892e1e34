import { CHECKS_OF, coldFlaws, COLD_METHODS, flareMm } from './cold';

const inch = (value: number) => value * 0.0254;

test.each([
  ['a mark that moved', 'pressed', { mark: false, witness: true }, null, ['mark-moved']],
  ['a ring without its witness', 'pressed', { mark: true, witness: false }, null, ['no-witness']],
  ['a press as it should be', 'pressed', { mark: true, witness: true }, null, []],
  ['3/8 in at 38 N m, 13.0 mm, oiled', 'flared', { torqueNm: 38, sizeMm: 13, oiled: true }, inch(3 / 8), []],
  ['3/8 in at 50 N m', 'flared', { torqueNm: 50, sizeMm: 13, oiled: true }, inch(3 / 8), ['torque']],
  ['1/2 in opened to 15.8 mm, dry', 'flared', { torqueNm: 55, sizeMm: 15.8, oiled: false }, inch(1 / 2), ['flare-size', 'dry']],
  ['a size that no table has', 'flared', { torqueNm: 500, sizeMm: 40, oiled: true }, 0.02222, []],
  ['1/2 in bent over 30 mm: three outsides are 38.1 mm', 'bent', { radiusMm: 30, ovalPercent: 4 }, inch(1 / 2), ['radius']],
  ['flat by a tenth', 'bent', { radiusMm: 40, ovalPercent: 10 }, inch(1 / 2), ['oval']],
] as const)('%s', (_what, kind, values, odM, flaws) => {
  expect(coldFlaws(kind, values, odM)).toEqual(flaws);
});

test('every way has its list, and a flare of 5/8 in opens to 19.3 to 19.7 mm', () => {
  for (const method of COLD_METHODS) expect(CHECKS_OF[method].length).toBeGreaterThan(3);
  expect(flareMm(inch(5 / 8))).toEqual({ least: 19.3, most: 19.7 });
});

test('the size that the entry holds counts where no drawing is at hand', () => {
  expect(coldFlaws('flared', { torqueNm: 60, oiled: true, odMm: 9.525 }, null)).toEqual(['torque']);
});
