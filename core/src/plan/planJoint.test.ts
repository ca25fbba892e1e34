import { planJoint } from './planJoint';
import type { PlanRequest } from './request';

const q = (value: number, unit: string) => ({ value, unit });
const request = (female: PlanRequest['joint']['female']['metal']): PlanRequest => ({
  joint: {
    male: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
    female: { metal: female, bore: q(22.32, 'mm'), cupDepth: q(19, 'mm') },
  },
  service: { maxTemp: q(150, 'F') },
});
const planned = (metal: PlanRequest['joint']['female']['metal']) => {
  const result = planJoint(request(metal));
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};

test('brass needs flux; a cadmium filler is forbidden', () => {
  const plan = planned('brass');
  expect(plan.flux.class).toBe('FB3-A');
  expect(plan.fillers.find((f) => f.filler.designation === 'BAg-1')?.verdict).toBe('forbidden');
});

test('phosphorus filler is forbidden on plated steel', () => {
  const phosphorus = planned('copper-plated-steel').fillers.filter((f) => f.filler.family === 'copper-phosphorus');
  expect(phosphorus.every((f) => f.verdict === 'forbidden')).toBe(true);
});

test('7/8 in tube carries 495 psi annealed at 150 F', () => {
  expect((planned('copper').pressure.allowablePa ?? 0) / 6894.757).toBeCloseTo(495, 0);
});

test('refuses a bore not above the outside, naming the field', () => {
  const tight = planJoint({
    joint: { male: { metal: 'copper', od: q(22, 'mm'), wall: q(1, 'mm') }, female: { metal: 'copper', bore: q(22, 'mm') } },
  });
  expect(tight.ok === false && tight.errors.map((e) => e.field)).toContain('joint.female.bore');
});
