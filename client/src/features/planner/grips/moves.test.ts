import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import fc from 'fast-check';
import { around, BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import type { Draft } from '@/draft/drafts';
import { gripsOf, lengthText, movedTo, placedNear, type Grip } from './moves';
import { planDraft } from '@/draft/toRequest';

const valve = { kind: 'valve', distance: '52 mm', along: 'female', protection: 'putty' } as const;
const start = draftOf({ female: BRASS_STUB, rest: { near: [valve] } });

function moved(draft: Draft, grip: Grip, mm: number, units = METRIC_PREFERENCES): Draft {
  const { plan } = planOf(draft);
  return { ...draft, ...movedTo(draft, grip, mm, { plan, units }) };
}

test('a grip stands where the plan has its part, its depth and both edges of its wrap', () => {
  const { plan } = planOf(start);
  const grips = gripsOf({ plan, units: METRIC_PREFERENCES });
  const where = Object.fromEntries(grips.map((g) => [g.key, g.atMm]));
  expect(where.depth).toBeCloseTo(19, 6);
  expect(where.part0).toBeCloseTo(19 + 52, 6);
  // Half a diameter is heated past the cup's bottom; the wrap keeps 25 mm from there.
  expect(where.wrap0from).toBeCloseTo(19 + 22.225 / 2 + 25, 1);
  expect(where.wrap0to).toBeCloseTo(19 + 22.225 / 2 + 25 + 60, 1);
  expect(grips.find((g) => g.key === 'wrap0from')?.label).toBe('wrap of the valve, near edge');
});

test('dragging the depth changes how far the tube goes in, by half millimetres, and the plan with it', () => {
  const deeper = moved(start, { kind: 'depth' }, 24.3);
  expect(deeper.female.cupDepth).toBe('24.5 mm');
  expect(planOf(deeper).plan.rod?.lengthM).toBeGreaterThan(planOf(start).plan.rod?.lengthM ?? Infinity);
});

test('the depth never becomes so small that nothing is planned', () => {
  expect(moved(start, { kind: 'depth' }, -30).female.cupDepth).toBe('2 mm');
});

test('a part dragged over the mouth stands on the other member, its wrap back to the usual one', () => {
  const wrapped = moved(start, { kind: 'wrap', index: 0, edge: 'to' }, 90);
  expect(wrapped.near[0]?.wrap).toMatchObject({ from: '36.1 mm', to: '71 mm' });
  const over = moved(wrapped, { kind: 'part', index: 0 }, -70.4);
  expect(over.near[0]).toMatchObject({ along: 'male', distance: '70 mm', wrap: { from: '', to: '' } });
  const back = planOf(over).plan.protection[0]?.part.protection.wet;
  expect(back?.fromM).toBeCloseTo(0.045, 9);
});

test('a wrap keeps its own length: one edge cannot be dragged past the other or into the flame’s end', () => {
  const past = moved(start, { kind: 'wrap', index: 0, edge: 'from' }, 200);
  expect(past.near[0]?.wrap?.from).toBe('92.1 mm');
  const mouth = moved(start, { kind: 'wrap', index: 0, edge: 'from' }, -80);
  expect(mouth.near[0]?.wrap?.from).toBe('0 mm');
});

test('a wrap drawn nearer the flame than the part keeps it cooler than one drawn beyond it', () => {
  const before = { ...valve, wrap: { from: '30 mm', to: '50 mm', water: '60 g' } };
  const beyond = { ...valve, wrap: { from: '60 mm', to: '80 mm', water: '60 g' } };
  const peak = (near: typeof before) => planOf(draftOf({ female: BRASS_STUB, rest: { near: [near] } })).plan.protection[0]?.peakC ?? NaN;
  expect(peak(before)).toBeLessThan(peak(beyond));
});

test('on tube the far edge of a wrap is the one further from the joint', () => {
  const onTube = draftOf({ rest: { near: [{ ...valve, along: 'male', distance: '80 mm' }] } });
  const wider = moved(onTube, { kind: 'wrap', index: 0, edge: 'to' }, -130);
  expect(planOf(wider).plan.protection[0]?.part.protection.wet?.toM).toBeCloseTo(0.13, 9);
});

test('wherever a part is dropped the plan can be worked out, and the part is there', () => {
  fc.assert(
    fc.property(fc.double({ min: -3000, max: 3000, noNaN: true }), fc.constantFrom(METRIC_PREFERENCES, INCH_PREFERENCES), (mm, units) => {
      const dropped = moved(start, { kind: 'part', index: 0 }, mm, units);
      const { plan, problems } = planDraft(dropped, { ...around, units });
      expect(problems).toEqual({});
      const part = plan?.protection[0]?.part;
      const expectedMm = mm < 0 ? Math.min(2000, -mm) : Math.min(2000 - 19, Math.max(0, mm - 19));
      if (Math.abs(mm) > 2) expect(part?.along).toBe(mm < 0 ? 'male' : 'female');
      expect(Math.abs((part?.distanceM ?? NaN) * 1000 - expectedMm)).toBeLessThan(0.95);
    }),
    { numRuns: 25 },
  );
});

test('lengths are written as the person’s rule has them', () => {
  expect(lengthText(25.4 * 2.5, INCH_PREFERENCES)).toBe('2-1/2 in');
  expect(lengthText(25.4 / 32, INCH_PREFERENCES)).toBe('0.0313 in');
  expect(lengthText(60, METRIC_PREFERENCES)).toBe('60 mm');
  expect(placedNear('core', INCH_PREFERENCES).distance).toBe('2-1/2 in');
});
