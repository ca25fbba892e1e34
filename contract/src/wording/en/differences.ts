import { readingText, type JointPlan, type UnitPreferences } from '@kesto/core';
import { cardReadings, partReadings, planHeadline } from './figures';

export interface PlanDifference {
  readonly label: string;
  readonly kept: string;
  readonly anew: string;
}

/** Every figure and verdict of a plan as a person reads it, by its label. */
function figuresOf(plan: JointPlan, units: UnitPreferences): ReadonlyMap<string, string> {
  const { before, torch } = cardReadings(plan, units);
  const readings = [...before, ...torch, ...partReadings(plan, units)];
  const cautions = plan.cautions.filter((c) => c.severity !== 'note').length;
  return new Map([
    ['verdict', planHeadline(plan).text],
    ['filler', plan.chosen?.filler.designation ?? 'none'],
    ...readings.map((row) => [row.label, readingText(row.reading)] as const),
    ...plan.fillers.map((f) => [f.filler.designation, f.verdict] as const),
    ['cautions', String(cautions)],
  ]);
}

/** What a newer engine says otherwise than the kept plan, figure by figure; what rounds to the same is the same. */
export function planDifferences(kept: JointPlan, anew: JointPlan, units: UnitPreferences): readonly PlanDifference[] {
  const [before, after] = [figuresOf(kept, units), figuresOf(anew, units)];
  const labels = [...new Set([...before.keys(), ...after.keys()])];
  return labels
    .map((label) => ({ label, kept: before.get(label) ?? '–', anew: after.get(label) ?? '–' }))
    .filter((row) => row.kept !== row.anew);
}
