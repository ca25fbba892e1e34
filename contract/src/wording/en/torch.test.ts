import { INCH_PREFERENCES, METRIC_PREFERENCES, planJoint, type JointPlan, type MetalName, type PlanRequest } from '@kesto/core';
import { flameWords, showIn, signsOf } from './index';

const q = (value: number, unit: string) => ({ value, unit });

function planned(female: MetalName, rest: { male?: MetalName; bore?: number; powerKw?: number; state?: 'soft-soldered' } = {}): JointPlan {
  const request: PlanRequest = {
    joint: {
      male: { metal: rest.male ?? 'copper', od: q(22.225, 'mm'), wall: q(1.14, 'mm') },
      female: { metal: female, bore: q(rest.bore ?? 22.33, 'mm'), cupDepth: q(19, 'mm'), ...(rest.state ? { history: rest.state } : {}) },
    },
    torch: { fuel: 'air-acetylene', powerKw: rest.powerKw ?? 6 },
    ...(female === 'aluminium' ? {} : { stock: [{ designation: 'BAg-36' }, { designation: 'BCuP-5' }] }),
  };
  const result = planJoint(request);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
}
const signs = (plan: JointPlan, units = METRIC_PREFERENCES) => signsOf(plan, showIn(units));

test('the flame’s two steps are said in order, each with its seconds, and why', () => {
  const words = flameWords(planned('brass'));
  expect(words?.steps[0]).toMatch(/^First on the tube, just behind the cup, about \d+ s\.$/);
  expect(words?.steps[1]).toMatch(/^Then on the cup, sweeping to its base, about \d+ s, until the filler has gone in all round\.$/);
  expect(words?.why).toBe('The copper tube carries heat into the cup.');
});

test('a tight joint is heated from outside first, and the words say so', () => {
  const words = flameWords(planned('copper', { bore: 22.24 }));
  expect(words?.steps[0]).toMatch(/^First on the cup/);
  expect(words?.why).toMatch(/the gap opens/);
});

test('a torch that never gets there promises no seconds', () => {
  const words = flameWords(planned('copper', { powerKw: 0.4 }));
  expect(words?.steps.join(' ')).not.toMatch(/\d/);
});

test('where nothing may be brazed nothing is said of the flame', () => {
  const plan = planned('copper', { state: 'soft-soldered' });
  expect(flameWords(plan)).toBeNull();
  expect(signs(plan)).toBeNull();
});

test('with flux its look is the first sign; copper to copper has none to look at', () => {
  expect(signs(planned('brass'))?.right).toMatch(/^flux clear as water; the rod melts on the metal, not in the flame; medium cherry/);
  expect(signs(planned('brass'))?.cold).toMatch(/white or milky/);
  expect(signs(planned('copper'))?.right).not.toMatch(/flux/);
  expect(signs(planned('copper'))?.hot).toMatch(/green edge/);
});

test('brass smokes when it is too hot; aluminium shows no colour at all', () => {
  expect(signs(planned('brass'))?.hot).toMatch(/white smoke/);
  const aluminium = signs(planned('aluminium', { male: 'aluminium' }));
  expect(aluminium?.hot).toMatch(/without a colour/);
  expect(aluminium?.right).not.toMatch(/cherry|red/);
});

test('the temperature beside the colour is in the person’s own unit', () => {
  expect(signs(planned('brass'))?.right).toMatch(/about \d+ °C/);
  expect(signs(planned('brass'), INCH_PREFERENCES)?.right).toMatch(/about \d+ °F/);
});
