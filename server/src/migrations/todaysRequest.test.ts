import { planJoint, type PlanRequest } from '@kesto/core';
import { todaysRequest } from './todaysRequest';

const mm = (value: number) => ({ value, unit: 'mm' });

/** As the first engine took it: places past the cup from its mouth, schools in words, any text as a position. */
const kept = {
  joint: {
    male: { metal: 'copper', od: { value: 0.875, unit: 'in' } },
    female: { metal: 'brass', form: 'component-stub', bore: mm(22.33), cupDepth: mm(19), wall: mm(1.6) },
    position: 'upright',
  },
  near: [
    { kind: 'valve', along: 'female', distance: { value: 2, unit: 'in' }, protection: { kind: 'putty', from: mm(30), to: mm(90) } },
    { kind: 'wiring', along: 'male', distance: mm(150) },
  ],
  schools: { houseRod: '15 % Ag', heatProtection: 'wet cloth' },
} as unknown as PlanRequest; // cast: words today's types no longer know

const today = todaysRequest(kept, 19);

test('the valve and its wrap stand where they stood, counted from the cup’s bottom', () => {
  const [valve, wiring] = today.near ?? [];
  expect(valve?.distance.value).toBeCloseTo(2 * 25.4 - 19, 9);
  expect(valve?.protection).toEqual({ kind: 'putty', from: mm(11), to: mm(71) });
  expect(wiring).toEqual(kept.near?.[1]);
});

test('schools are ids, a position nobody knows is left out, and today’s engine plans it', () => {
  expect(today.schools).toEqual({ houseRod: 'silver-15', heatProtection: 'wet-cloth' });
  expect(today.joint.position).toBeUndefined();
  expect(planJoint(today)).toMatchObject({ ok: true });
});

test('what is today’s already stays as it is, but for the places past the cup', () => {
  const plain: PlanRequest = { joint: { ...today.joint, position: 'overhead' }, schools: { houseRod: 'silver-5' } };
  expect(todaysRequest(plain, 19)).toEqual(plain);
});
