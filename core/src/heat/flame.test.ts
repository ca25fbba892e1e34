import { planned, q, requestFor } from '../testing/plans';
import { glowAt } from './glow';

const torch = { fuel: 'air-acetylene', powerKw: 6 } as const;

test('on an ordinary joint the tube comes first and both times make the heating time', () => {
  const plan = planned(requestFor({}, { torch }));
  expect(plan.flame?.order).toBe('tube-carries');
  expect(plan.flame?.steps.map((s) => s.on)).toEqual(['male', 'female']);
  const total = plan.flame?.steps.reduce((sum, s) => sum + (s.seconds ?? NaN), 0);
  expect(total).toBeCloseTo(plan.heat?.seconds ?? NaN, 9);
});

test('the heavier member gets the longer share', () => {
  const heavy = planned(requestFor({ wall: q(4, 'mm') }, { torch }));
  const [tube, cup] = heavy.flame?.steps ?? [];
  expect(cup?.seconds).toBeGreaterThan(2 * (tube?.seconds ?? Infinity));
});

test('where the gap is tight the outer part is heated first, to open it', () => {
  const tight = planned(requestFor({ bore: q(22.24, 'mm') }, { torch }));
  expect(tight.fit.verdict).toBe('too-tight');
  expect(tight.flame).toMatchObject({ order: 'outer-opens', steps: [{ on: 'female' }, { on: 'male' }] });
});

test('a capillary is never heated first', () => {
  const capillary = planned(
    requestFor({ bore: q(2.1, 'mm'), cupDepth: q(8, 'mm'), wall: q(0.7, 'mm') }, { torch }, { od: q(2, 'mm'), wall: q(0.6, 'mm') }),
  );
  expect(capillary.flame).toMatchObject({ order: 'small-tube', steps: [{ on: 'female' }, { on: 'male' }] });
});

test('a torch that never gets there has no times to share', () => {
  const weak = planned(requestFor({}, { torch: { fuel: 'air-propane', powerKw: 0.4 } }));
  expect(weak.flame?.steps.map((s) => s.seconds)).toEqual([null, null]);
});

test.each([
  [480, null],
  [520, 'faint red'],
  [700, 'medium cherry'],
  [745, 'medium cherry'],
  [900, 'salmon'],
] as const)('at %s °C metal in shade shows %s', (celsius, glow) => expect(glowAt(celsius)).toBe(glow));

test('up to 3.3 mm the flame is kept off the tube', () => {
  const orderOf = (od: number) =>
    planned(
      requestFor({ bore: q(od + 0.1, 'mm'), cupDepth: q(8, 'mm'), wall: q(0.7, 'mm') }, { torch }, { od: q(od, 'mm'), wall: q(0.6, 'mm') }),
    ).flame?.order;
  expect([orderOf(3.3), orderOf(3.4)]).toEqual(['small-tube', 'tube-carries']);
});

test('of two poor conductors the one that stores more is heated first', () => {
  const steel = (cupWallMm: number) =>
    planned(
      requestFor(
        { metal: 'carbon-steel', wall: q(cupWallMm, 'mm') },
        { torch: { fuel: 'oxy-acetylene', powerKw: 4 } },
        { metal: 'carbon-steel' },
      ),
    ).flame;
  expect(steel(4)).toMatchObject({ order: 'larger-first', steps: [{ on: 'female' }, { on: 'male' }] });
  expect(steel(0.8)).toMatchObject({ order: 'larger-first', steps: [{ on: 'male' }, { on: 'female' }] });
});
