import type { JobView, VanStock } from '@kesto/contract';
import { liesIn, provenCutsIn, type CircuitGraph, type SectionSight } from '@kesto/core';
import { useMemo, useState } from 'react';
import { sightOf } from '@/data/stages/sections';

/** Something that can be held: a section between valves, or our own rig. */
export type HoldChoice = { readonly rig: true } | { readonly rig: false; readonly section: SectionSight };
const RIG: HoldChoice = { rig: true };

/** What can be held here, and what of it is chosen. */
export function useChoices(job: JobView, graph: CircuitGraph | null, van: VanStock | undefined) {
  const [picked, setAt] = useState<number | null>(null);
  const choices: readonly HoldChoice[] = useMemo(() => {
    const sections = graph ? (sightOf(job, graph, { cuts: provenCutsIn(graph), van })?.sections ?? []) : [];
    return [...sections.map((section) => ({ rig: false as const, section })), RIG];
  }, [job, graph, van]);
  // Where the joints of this job lie, until another is picked.
  const usual = choices.findIndex((one) => !one.rig && job.order.some((joint) => liesIn(joint.at, one.section.parts)));
  const at = picked ?? Math.max(0, usual);
  return { choices, at, setAt, choice: choices[at] ?? RIG };
}
