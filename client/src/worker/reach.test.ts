import { BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import { answerReach } from './reach';

const wrapped = draftOf({
  female: BRASS_STUB,
  rest: { near: [{ kind: 'port', along: 'female', distance: '52 mm', protection: 'putty' }] },
});

test('the worker answers for both members, the wrapped one with and without its wrap', () => {
  const { plan } = planOf(wrapped);
  const answer = answerReach({ id: 7, plan, maleM: 0.1, femaleM: 0.1 });
  expect(answer.id).toBe(7);
  expect(answer.male?.wrapped).toBeNull();
  const at = (answer.female?.distancesM ?? []).findIndex((d) => d >= 0.052);
  expect(answer.female?.wrapped?.hottestC[at] ?? Infinity).toBeLessThan(answer.female?.bare.hottestC[at] ?? 0);
});

// A part without a body of its own: the tube at its root.
test('the curve at the part is the temperature the plan judges it by', () => {
  const { plan } = planOf(wrapped);
  const { female } = answerReach({ id: 1, plan, maleM: 0.1, femaleM: 0.052 });
  const end = (values: readonly number[] | undefined) => values?.[values.length - 1] ?? NaN;
  expect(Math.abs(end(female?.wrapped?.hottestC) - (plan.protection[0]?.peakC ?? 0))).toBeLessThan(3);
  expect(Math.abs(end(female?.bare.hottestC) - (plan.protection[0]?.unprotectedPeakC ?? 0))).toBeLessThan(6);
});

test('without a filler there is nothing to heat for', () => {
  const { plan } = planOf(draftOf({ female: { state: 'soft-soldered' } }));
  expect(answerReach({ id: 2, plan, maleM: 0.1, femaleM: 0.1 })).toEqual({ id: 2, male: null, female: null });
});
