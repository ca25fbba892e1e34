import fc from 'fast-check';
import { codes, planned, q, requestFor, refusals } from '../testing/plans';
import { growth, judgeGap, meanExpansionPerK } from './gap';

const MM = 0.001;

test('the gap is per side: half of bore less outside', () => {
  expect(planned(requestFor({ bore: q(0.879, 'in') })).fit.radialGapColdM).toBeCloseTo(0.002 * 0.0254, 9);
});

test('like metals keep their gap but for its own growth', () => {
  const { fit } = planned(requestFor({}));
  const hotC = fit.hotC ?? NaN;
  expect((fit.radialGapHotM ?? NaN) / fit.radialGapColdM).toBeCloseTo(1 + meanExpansionPerK('copper', hotC) * (hotC - 20), 6);
});

test('a brass cup opens over copper, a steel cup closes on it', () => {
  const brass = planned(requestFor({ metal: 'brass' })).fit;
  const steel = planned(requestFor({ metal: 'carbon-steel' })).fit;
  expect(brass.radialGapHotM).toBeGreaterThan(brass.radialGapColdM);
  expect(steel.radialGapHotM).toBeLessThan(steel.radialGapColdM);
});

test('copper in steel, 22 mm, 700 K: the gap closes by 0.035 mm a side', () => {
  const change = (22 * MM * (growth('carbon-steel', 720) - growth('copper', 720))) / 2;
  expect(change * 1000).toBeCloseTo(-0.035, 2);
});

test.each([
  [-0.01, 'reject'],
  [0, 'reject'],
  [0.01, 'too-tight'],
  [0.025, 'good'],
  [0.09, 'good'],
  [0.15, 'good'],
  [0.16, 'loose'],
  [0.25, 'loose'],
  [0.26, 'reject'],
])('a hot gap of %d mm is %s', (gapMm, verdict) => expect(judgeGap(gapMm * MM)).toBe(verdict));

test('the verdict never improves as the gap grows beyond good', () => {
  const order = ['good', 'loose', 'reject'];
  fc.assert(
    fc.property(fc.double({ min: 0.03, max: 0.5, noNaN: true }), fc.double({ min: 0, max: 0.3, noNaN: true }), (gap, more) => {
      return order.indexOf(judgeGap((gap + more) * MM)) >= order.indexOf(judgeGap(gap * MM));
    }),
  );
});

test('the least overlap is three walls for a plain copper joint with a strong filler', () => {
  const plan = planned(requestFor({}));
  expect(plan.fit.leastOverlapM).toBeGreaterThanOrEqual(3 * 0.045 * 0.0254 - 1e-9);
});

test('insertion is to the bottom whatever the least overlap is', () => {
  const plan = planned(requestFor({ cupDepth: q(25, 'mm') }));
  expect(plan.fit.insertM).toBeCloseTo(0.025, 12);
});

test('a cup shallower than the least says so', () => {
  expect(codes(planned(requestFor({ cupDepth: q(2, 'mm') })))).toContain('shallow-cup');
  expect(codes(planned(requestFor({})))).not.toContain('shallow-cup');
});

test('a tube loose by 0.4 mm is warned of at the top', () => {
  const plan = planned(requestFor({ bore: q(22.225 + 0.4, 'mm') }));
  expect(plan.fit.verdict).toBe('loose');
  expect(codes(plan)).toContain('gap-loose');
});

test('over 0.25 mm a side no filler fills it: stop', () => {
  const plan = planned(requestFor({ bore: q(22.9, 'mm') }));
  expect(plan.fit.verdict).toBe('reject');
  expect(plan.cautions[0]).toMatchObject({ code: 'gap-reject', severity: 'stop' });
});

test('only what cannot be put together cold is refused', () => {
  expect(refusals(requestFor({ bore: q(22.225, 'mm') }))).toEqual([{ field: 'joint.female.bore', kind: 'refused' }]);
  expect(refusals(requestFor({ bore: q(22.24, 'mm') }))).toEqual([]);
});

test('bore and depth left out come from the table of cups and are marked assumed', () => {
  const { joint } = planned({ joint: { male: { metal: 'copper', od: q(7 / 8, 'in') }, female: { metal: 'copper' } } });
  expect(joint.assumed).toEqual(expect.arrayContaining(['wall', 'bore', 'cup-depth', 'female-wall']));
  expect(joint.female.cupDepthM).toBeCloseTo(0.01905, 6);
});

test('a tube of no table needs its figures', () => {
  const fields = refusals({ joint: { male: { metal: 'copper', od: q(20.1, 'mm') }, female: { metal: 'copper' } } }).map((r) => r.field);
  expect(fields).toEqual(expect.arrayContaining(['joint.male.wall', 'joint.female.bore', 'joint.female.cupDepth']));
});

test('no gap left when hot is a stop, and no rod is worked out', () => {
  // Copper 22.225 mm into steel, 0.02 mm a side cold: the copper grows 0.035 mm more.
  const plan = planned(requestFor({ metal: 'carbon-steel', bore: q(22.265, 'mm') }, { choose: 'BAg-36' }));
  expect(plan.fit.verdict).toBe('reject');
  expect(plan.cautions.filter((c) => c.severity === 'stop').map((c) => c.code)).toContain('no-gap-hot');
  expect(plan.rod).toBeNull();
});

test('the cold gap that is wanted becomes the wanted one when hot', () => {
  const steel = (boreMm: number) => planned(requestFor({ metal: 'carbon-steel', bore: q(boreMm, 'mm') }, { choose: 'BAg-36' })).fit;
  const { coldGap } = steel(22.4);
  const hotAt = (coldM: number) => (steel(22.225 + 2000 * coldM).radialGapHotM ?? NaN) * 1000;
  expect(hotAt(coldGap?.leastM ?? NaN)).toBeCloseTo(0.05, 4);
  expect(hotAt(coldGap?.mostM ?? NaN)).toBeCloseTo(0.13, 4);
});

test('tight for flux is a good fit that is said not to be easy', () => {
  const plan = planned(requestFor({ metal: 'brass', bore: q(22.225 + 0.04, 'mm') }, { choose: 'BAg-36' }));
  expect(plan.fit.verdict).toBe('good');
  expect(plan.fit.radialGapHotM ?? 0).toBeLessThan(0.00005);
  expect(codes(plan)).toContain('tight-for-flux');
});

describe('a capillary', () => {
  const capillary = (form: 'component-stub' | 'crimped-stub', boreMm?: number) =>
    planned(
      requestFor(
        { form, cupDepth: q(6, 'mm'), wall: q(0.7, 'mm'), ...(boreMm ? { bore: q(boreMm, 'mm') } : {}) },
        {},
        { form: 'capillary', od: q(2, 'mm'), wall: q(0.6, 'mm') },
      ),
    );

  test('in a plain stub is to be crimped, never bridged', () => {
    const plan = capillary('component-stub', 4.8);
    expect(plan.fit.verdict).toBe('reject');
    expect(codes(plan)).toContain('crimp');
    expect(codes(plan)).not.toContain('gap-reject');
    expect(plan.rod).toBeNull();
  });

  test('in a crimped stub leaves 0.09 mm a side whatever its bore was', () => {
    expect(capillary('crimped-stub', 4.8).fit.radialGapColdM).toBeCloseTo(0.00009, 9);
    expect(capillary('crimped-stub').fit.verdict).toBe('good');
  });

  test('goes in deeper than it is thick without a word', () => {
    const codesIn = codes(
      planned(requestFor({ form: 'crimped-stub', cupDepth: q(15, 'mm') }, {}, { form: 'capillary', od: q(2, 'mm'), wall: q(0.6, 'mm') })),
    );
    expect(codesIn).not.toContain('check-depth');
  });
});

test('a shallow swage and an odd depth are said', () => {
  expect(codes(planned(requestFor({ form: 'swaged-socket', cupDepth: q(8, 'mm') })))).toContain('shallow-swage');
  expect(codes(planned(requestFor({ form: 'swaged-socket', cupDepth: q(12, 'mm') })))).not.toContain('shallow-swage');
  expect(codes(planned(requestFor({ cupDepth: q(70, 'mm') })))).toContain('check-depth');
});

test('54 mm and 2-1/8 in are one size; 22 mm and 7/8 in are not', () => {
  const walls = (mm: number) =>
    planned({ joint: { male: { metal: 'copper', od: q(mm, 'mm') }, female: { metal: 'copper' } } }).joint.male.wallM;
  expect(walls(53.95)).toBeGreaterThan(0.0015);
  expect(refusals({ joint: { male: { metal: 'copper', od: q(22.11, 'mm') }, female: { metal: 'copper' } } }).length).toBeGreaterThan(0);
});
