import { INCH_PREFERENCES } from '@kesto/core';
import { around, BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import { draftFromPlan } from './drafts';
import { planDraft } from './toRequest';

const problems = (draft: ReturnType<typeof draftOf>, units = around.units) => planDraft(draft, { ...around, units }).problems;

test('a new joint answers at once: 7/8 in copper in a fitting cup needs no flux', () => {
  const { plan } = planOf(draftOf());
  expect(plan.flux.required).toBe(false);
  expect(plan.chosen?.filler.family).toBe('copper-phosphorus');
});

test('a brass stub needs flux', () => {
  expect(planOf(draftOf({ female: BRASS_STUB })).plan.flux).toMatchObject({ required: true, class: 'FB3-A' });
});

test.each([
  ['letters', { male: { od: 'seven' } }, 'joint.male.od'],
  ['nothing at all', { male: { od: '' } }, 'joint.male.od'],
  ['a negative wall', { male: { wall: '-1 mm' } }, 'joint.male.wall'],
  ['a bore smaller than the tube', { female: { ...BRASS_STUB, bore: '20 mm' } }, 'joint.female.bore'],
  [
    'letters for a distance',
    { rest: { near: [{ kind: 'valve', along: 'male', distance: 'far', protection: 'none' }] } },
    'near[0].distance',
  ],
  ['minutes that are none', { rest: { minutes: 'a while' } }, 'purge.minutes'],
  ['nothing open for the gas', { rest: { outlet: 'none' } }, 'purge.outlet.kind'],
] as const)('%s: the field is named, and the draft is as it was typed', (_what, part, field) => {
  const draft = draftOf(part as never); // cast: the table mixes parts of a draft
  const before = JSON.stringify(draft);
  expect(Object.keys(problems(draft))).toContain(field);
  expect(JSON.stringify(draft)).toBe(before);
});

test('a bare number is read in the person’s own unit', () => {
  expect(planOf(draftOf({ male: { od: '22.22' } })).plan.joint.male.outsideM).toBeCloseTo(0.02222, 9);
  const inch = planDraft(draftOf({ male: { od: '0.875' } }), { ...around, units: INCH_PREFERENCES });
  expect(inch.plan?.joint.male.outsideM).toBeCloseTo(0.022225, 9);
});

test('the side decides the pressure and the temperatures from the data plate', () => {
  const service = (side: 'suction' | 'discharge') => planOf(draftOf({ rest: { side } })).request.service;
  expect(service('suction')).toMatchObject({ designPressure: { value: 19, unit: 'barg' }, minTemp: { value: -25, unit: 'C' } });
  expect(service('discharge')).toMatchObject({ designPressure: { value: 28, unit: 'barg' }, maxTemp: { value: 66, unit: 'C' } });
});

test('a chosen filler that a change of metal forbids is let go, not held against the person', () => {
  const draft = draftOf({ female: { ...BRASS_STUB, metal: 'copper-plated-steel' }, rest: { choose: 'BCuP-5' } });
  const { plan } = planOf(draft);
  expect(plan.chosen?.filler.designation).toBe('BAg-36');
  expect(plan.fillers.find((f) => f.filler.designation === 'BCuP-5')?.verdict).toBe('forbidden');
});

test('a stored plan opens as the draft it was, and plans the same', () => {
  const draft = draftOf({
    female: BRASS_STUB,
    rest: { side: 'liquid', near: [{ kind: 'valve', along: 'female', distance: '52 mm', protection: 'putty' }] },
  });
  const { plan, request } = planOf(draft);
  const again = draftFromPlan(request, plan.chosen?.filler.designation ?? '', null, null);
  expect(planOf(again).plan).toEqual(plan);
});
