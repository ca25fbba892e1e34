import { findFiller } from '../filler/fillers';
import type { MetalName } from '../metal/metals';
import { planned, q, requestFor } from '../testing/plans';
import { cupForTube } from './cups';
import { expansionIsAssumed, isTightForFlux, judgeGap } from './gap';
import { leastOverlapM, weakerMember } from './overlap';

/** 7/8 in (22.225 mm) tube; walls in millimetres. */
const joint = (male: MetalName, maleWall: number, female: MetalName, femaleWall: number) =>
  planned(requestFor({ metal: female, wall: q(femaleWall, 'mm') }, {}, { metal: male, wall: q(maleWall, 'mm') })).joint;
const lapMm = (filler: string | null, ...members: Parameters<typeof joint>) =>
  leastOverlapM(joint(...members), filler === null ? null : (findFiller(filler) ?? null)) * 1000;

describe('the least overlap', () => {
  // W (D - W) T / (0.8 L D), L = 100 MPa: of steel (330 MPa) 1.143 x 21.082 x 330 / (80 x 22.225) = 4.472 mm; three walls are 3.429 mm.
  test.each<[string, string | null, Parameters<typeof joint>, number]>([
    ['copper: three walls are more than the tube can pull', 'BCuP-5', ['copper', 1.143, 'copper', 1.143], 3.429],
    ['steel pulls more than three walls hold', 'BAg-36', ['carbon-steel', 1.143, 'carbon-steel', 1.143], 4.472],
    ['without a filler it is reckoned as with a strong one', null, ['carbon-steel', 1.143, 'carbon-steel', 1.143], 4.472],
    ['phosphorus is as strong as silver', 'BCuP-5', ['carbon-steel', 1.143, 'carbon-steel', 1.143], 4.472],
    ['zinc’s strength is not known', 'Zn-2Al', ['carbon-steel', 1.143, 'carbon-steel', 1.143], 3.429],
    ['nor is that of aluminium-silicon', 'BAlSi-4', ['carbon-steel', 1.143, 'carbon-steel', 1.143], 3.429],
    ['nor on an aluminium cup', 'BAg-36', ['carbon-steel', 1.143, 'aluminium', 4], 3.429],
    ['nor on an aluminium tube', 'BAg-36', ['aluminium', 4, 'carbon-steel', 1.143], 3.429],
    ['the thinner wall counts, the weaker member pulls', 'BAg-24', ['stainless-steel', 0.8, 'carbon-steel', 1.143], 4.472],
  ])('%s', (_what, filler, members, mm) => expect(lapMm(filler, ...members)).toBeCloseTo(mm, 3));

  test('the weaker member is the one with less wall times strength; of two alike the tube', () => {
    expect(weakerMember(joint('stainless-steel', 0.8, 'carbon-steel', 1.143))).toEqual({
      wallM: expect.closeTo(0.001143, 9) as number,
      tensilePa: 330e6,
    });
    expect(weakerMember(joint('copper', 1, 'carbon-steel', 1))).toMatchObject({ tensilePa: 207e6 });
    expect(weakerMember(joint('carbon-steel', 1, 'copper', 1))).toMatchObject({ tensilePa: 207e6 });
    expect(weakerMember(joint('copper', 3, 'carbon-steel', 1))).toMatchObject({ tensilePa: 330e6 });
  });
});

describe('the gap', () => {
  test('half a micrometre is forgiven, so that a limit typed is a limit kept', () => {
    expect([0.1504, 0.1506, 0.2504, 0.2506, 0.0246, 0.0244].map((mm) => judgeGap(mm / 1000))).toEqual([
      'good',
      'loose',
      'loose',
      'reject',
      'good',
      'too-tight',
    ]);
  });

  test('the half micrometre itself is still forgiven', () => {
    expect([0.1505, 0.2505, 0.0245].map((mm) => judgeGap(mm / 1000))).toEqual(['good', 'loose', 'good']);
    expect(isTightForFlux(0.0495 / 1000)).toBe(false);
  });

  test('under 0.05 mm flux is in the filler’s way', () => {
    expect([0.03, 0.049, 0.0496, 0.06].map((mm) => isTightForFlux(mm / 1000))).toEqual([true, true, false, false]);
  });

  test('expansion is an assumption beyond the metal’s table', () => {
    const celsius = [-50, 20, 2000].map((at) => expansionIsAssumed('copper', at));
    expect(celsius).toEqual([false, false, true]);
  });

  test('a cup is looked up by the nearest tube within 0.1 mm', () => {
    const of = (mm: number) => cupForTube(mm / 1000)?.tubeOutsideM;
    expect([of(22), of(22.05), of(22.3), of(25)]).toEqual([0.022, 0.022, expect.closeTo(0.022225, 9), undefined]);
  });
});
