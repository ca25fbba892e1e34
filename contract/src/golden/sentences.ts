import {
  BREAK_REASONS,
  FILE_BREAKS,
  FINDING_CODES,
  INCH_PREFERENCES,
  METRIC_PREFERENCES,
  planJoint,
  type JointPlan,
  type UnitPreferences,
} from '@kesto/core';
import { GOLDEN_REQUESTS } from '@kesto/core/golden';
import { planAnswer } from '../engine/plan';
import { cautionText, inspectText } from '../wording/en/cautions';
import { planDifferences } from '../wording/en/differences';
import { breakText, findingText } from '../wording/en/errors';
import { cardReadings, fitWord, partReadings, planHeadline } from '../wording/en/figures';
import { fillerReasonText } from '../wording/en/fillers';
import { SCHOOL_TEXTS } from '../wording/en/schools';
import { showIn } from '../wording/en/show';
import { flameWords, signsOf } from '../wording/en/torch';

const SAYS_SOMETHING = /[a-z]/i;

/** Every text in a value, wherever it stands. */
function textsIn(value: unknown): readonly string[] {
  if (typeof value === 'string') return SAYS_SOMETHING.test(value) ? [value] : [];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  if (typeof value !== 'object' || value === null) return [];
  // A figure with its unit is one text to whoever reads it.
  const { number, unit } = value as { number?: unknown; unit?: unknown }; // cast: an object's keys can be asked for
  if (typeof number === 'string' && typeof unit === 'string') return [`${number} ${unit}`];
  return Object.values(value).flatMap(textsIn);
}

/** All that is said of a plan, to somebody who reads in these units. */
function saidOf(plan: JointPlan, before: JointPlan, units: UnitPreferences): readonly string[] {
  const show = showIn(units);
  return textsIn([
    ...[cardReadings(plan, units), partReadings(plan, units), fitWord(plan), planHeadline(plan), flameWords(plan), signsOf(plan, show)],
    ...[plan.cautions.map((caution) => cautionText(caution, show)), plan.inspect.map((point) => inspectText(point, show))],
    ...[plan.fillers.map(({ reasons }) => reasons.map((reason) => fillerReasonText(reason, show))), planDifferences(before, plan, units)],
  ]);
}

/** Every sentence that is made of the golden joints, by units, and of what a check can find: each once. */
export function goldenSentences(): Readonly<Record<string, readonly string[]>> {
  const plans = GOLDEN_REQUESTS.flatMap((request) => {
    const plan = planJoint(request);
    return plan.ok ? [plan.value] : [];
  });
  const in_ = (units: UnitPreferences) => plans.flatMap((plan, i) => saidOf(plan, plans[i - 1] ?? plan, units));
  const once = (texts: readonly string[]) => [...new Set(texts)].sort();
  return {
    metric: once(in_(METRIC_PREFERENCES)),
    inch: once(in_(INCH_PREFERENCES)),
    answers: once(plans.flatMap((plan) => textsIn(planAnswer(plan)))),
    // What each card is about and whether it stands out, as well as what it reads.
    cards: plans
      .filter((_, i) => i % 3 === 0)
      .map((plan) => JSON.stringify([cardReadings(plan, METRIC_PREFERENCES), planHeadline(plan), fitWord(plan)])),
    schools: textsIn(SCHOOL_TEXTS),
    checks: [...[...BREAK_REASONS, ...FILE_BREAKS].map(breakText), ...FINDING_CODES.map(findingText)],
  };
}
