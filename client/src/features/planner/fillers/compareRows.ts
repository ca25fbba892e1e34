import { formatDuration, formatLength, formatOnRule, formatTemperature, readingText, type JointPlan } from '@kesto/core';
import { fitWord } from '@kesto/contract/wording';
import type { Draft } from '@/draft/drafts';
import { planDraft, type Surroundings } from '@/draft/toRequest';

export interface CompareRow {
  readonly label: string;
  readonly values: readonly string[];
}

export const MOST_COMPARED = 3;

/** Fillers that may be compared: all that are not forbidden, best first. */
export const comparable = (plan: JointPlan): readonly string[] =>
  plan.fillers.filter((f) => f.verdict !== 'forbidden').map((f) => f.filler.designation);

/** The same joint planned with each filler, line by line: what changes when another rod is taken. */
export function compareRows(draft: Draft, names: readonly string[], around: Surroundings): readonly CompareRow[] {
  const plans = names.map((choose) => planDraft({ ...draft, choose }, around).plan);
  const units = around.units;
  const line = (label: string, value: (plan: JointPlan) => string): CompareRow => ({
    label,
    values: plans.map((p) => (p ? value(p) : '–')),
  });
  return [
    line('stands', (p) => p.chosen?.verdict ?? '–'),
    line('fully liquid at', (p) => readingText(formatTemperature(p.chosen?.filler.liquidusC ?? 0, units))),
    line('melts over', (p) => `${(p.chosen?.filler.liquidusC ?? 0) - (p.chosen?.filler.solidusC ?? 0)} K`),
    line('gap each side, hot', (p) =>
      p.fit.radialGapHotM === null ? '–' : `${readingText(formatLength(p.fit.radialGapHotM, units, 2))}, ${fitWord(p)}`,
    ),
    line('flux', (p) => p.flux.class ?? 'none'),
    line('rod used', (p) => (p.rod ? readingText(formatOnRule(p.rod.lengthM, units)) : '–')),
    line('silver', (p) => `${p.chosen?.filler.silverPercent ?? 0} %`),
    line('until it flows', (p) => (p.heat?.seconds ? readingText(formatDuration(p.heat.seconds)) : 'never')),
  ];
}
