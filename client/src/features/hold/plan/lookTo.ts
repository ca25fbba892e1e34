import type { CircuitGraph, HoldPlan } from '@kesto/core';
import { drawnName } from '@kesto/contract/wording';
import { formatGaugePressure, gaugePascals, readingText, type UnitPreferences } from '@kesto/core/unit';
import { WORDS } from '../words';

/** Something that is looked to before the fill begins. */
export interface LookTo {
  readonly id: string;
  readonly says: string;
}

const named = (graph: CircuitGraph | null, ids: readonly string[]) => ids.map((id) => (graph ? drawnName(graph, id) : id)).join(', ');

/** What has to be so before gas is let in: its relief, what is shut and open, people told. */
export function lookToOf(
  plan: HoldPlan,
  graph: CircuitGraph | null,
  { units, isStrong }: { units: UnitPreferences; isStrong: boolean },
): readonly LookTo[] {
  const { shut, openFirst } = plan.reach;
  const at = (pa: number) => readingText(formatGaugePressure(gaugePascals(pa), units));
  const relief = at(plan.reliefGaugePa);
  // In a strength test its own pressure stands for the cap.
  const says = isStrong && plan.strength.may ? WORDS.reliefForTest(at(plan.strength.gaugePa), relief) : WORDS.relief(relief);
  return [
    { id: 'relief', says },
    ...(shut.length > 0 ? [{ id: 'shut', says: WORDS.shut(named(graph, shut)) }] : []),
    ...(openFirst.length > 0 ? [{ id: 'open', says: WORDS.open(named(graph, openFirst)) }] : []),
    { id: 'told', says: WORDS.told },
  ];
}
