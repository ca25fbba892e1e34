import type { JobView, VanStock } from '@kesto/contract';
import {
  factsOf,
  holdSight,
  usualHold,
  type CircuitGraph,
  type CircuitKind,
  type HoldSight,
  type SectionHoldRequest,
  type StageFact,
} from '@kesto/core';

/** With the van's own instruments. */
export const holdHere = (job: JobView, van: VanStock | undefined): SectionHoldRequest =>
  usualHold(job.circuit.lowSideDesignGaugePa, van?.instruments ?? []);

/** What the hold of each section would see; null where the plate's pressure is beyond what nitrogen's table holds. */
export function sightOf(
  job: JobView,
  graph: CircuitGraph,
  { cuts, van }: { cuts: readonly string[]; van: VanStock | undefined },
): HoldSight | null {
  const sight = holdSight(graph, cuts, holdHere(job, van), job.circuit.refrigerant);
  return sight.ok ? sight.value : null;
}

const sameParts = (a: readonly string[], b: readonly string[]) => a.length === b.length && a.every((id) => b.includes(id));

/** The last hold of a section; undefined where it was not held. */
export const holdOf = (facts: readonly StageFact[], parts: readonly string[]) =>
  factsOf(facts, 'section-hold').findLast((fact) => sameParts(fact.values.parts, parts));

export const letterOfSection = (index: number): string => String.fromCharCode(65 + (index % 26));

/** What a section is told by: its largest part. */
const TOLD_BY: readonly CircuitKind[] = ['evaporator', 'condenser', 'receiver', 'compressor', 'drier', 'sight-glass', 'accumulator'];

/** By the part that says most of where it is, and how many are with it. */
export function sectionName(graph: CircuitGraph, parts: readonly string[], nameOf: (id: string) => string): string {
  const kindOf = (id: string) => graph.parts.find((part) => part.id === id)?.kind;
  const told = TOLD_BY.flatMap((kind) => parts.find((id) => kindOf(id) === kind) ?? [])[0] ?? parts[0] ?? '';
  const others = parts.filter((id) => id !== told && kindOf(id) !== 'port').length;
  return `${nameOf(told).replace(' coil', '')}${others > 0 ? ` +${others}` : ''}`;
}
