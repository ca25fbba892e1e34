import fc from 'fast-check';
import { codes, planned, q, requestFor, refusals } from '../testing/plans';
import { growth, judgeGap, meanExpansionPerK } from './gap';

const MM = 0.001;

test('the gap is per side: half of bore less outside', () => {
  expect(planned(requestFor({ bore: q(0.879, 'in') })).fit.radialGapColdM).toBeCloseTo(0.002 * 0.0254, 9);
});

test('like metals keep their gap but for its own growth', () => {
  const { fit } = planned(requestFor({}));
  expect(fit.radialGapHotM / fit.radialGapColdM).toBeCloseTo(1 + meanExpansionPerK('copper', fit.hotC) * (fit.hotC - 20), 6);
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
  expect(plan.cautions.filter((c) => c.severity !== 'note')[0]?.code).toBe('gap-loose');
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
