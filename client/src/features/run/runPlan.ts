import { coolingTimes, type JointPlan, type RunPlan } from '@kesto/core';

/** What the steps at the torch hang on, from the plan that is kept. */
export function runPlanOf(plan: JointPlan, captive: RunPlan['captive']): RunPlan {
  const hasWraps = plan.protection.some(({ measures }) => measures.some((measure) => measure !== 'none' && measure !== 'distance'));
  const targetPercent = plan.purge?.targetO2Percent ?? 0;
  return { captive, targetPercent, hasWraps, floodS: plan.purge?.floodSeconds ?? null, cooling: coolingTimes(plan) };
}
