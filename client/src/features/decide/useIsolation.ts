import type { JobView } from '@kesto/contract';
import { isolate, lastOf, leaksOf, lossOf, withCompressors, type CircuitGraph, type Isolation, type StageFact } from '@kesto/core';
import { useMemo, useState } from 'react';

/** What was seen of the machine, as far as it decides how the work is got at. */
export interface Seen {
  readonly runs: boolean;
  readonly lowSideLeak: boolean;
  readonly airInside: boolean;
  readonly jointOpen: boolean;
}

const NOTHING_SEEN: Seen = { runs: false, lowSideLeak: false, airInside: false, jointOpen: false };

/** The parts worked on at first: what was kept, else where leaks were found. */
function firstWork(graph: CircuitGraph, facts: readonly StageFact[]): readonly string[] {
  const kept = lastOf(facts, 'isolation')?.values.work ?? leaksOf(facts).map((leak) => leak.place);
  // A core is changed with a tool, under pressure: its port is not what is opened.
  return kept.filter((id) => graph.parts.some((part) => part.id === id && part.kind !== 'port'));
}

/** How the work is got at, worked out anew with every tap. */
export function useIsolation(job: JobView, graph: CircuitGraph, facts: readonly StageFact[]) {
  const kept = lastOf(facts, 'isolation')?.values;
  const [work, setWork] = useState(() => firstWork(graph, facts));
  const [seen, setSeen] = useState<Seen>(() => (kept ? { ...NOTHING_SEEN, ...kept } : NOTHING_SEEN));
  const loss = lossOf(facts);
  const chargeKg = kept?.chargeKg ?? lastOf(facts, 'loss')?.values.chargeKg ?? job.circuit.chargeKg;
  const answer: Isolation | null = useMemo(() => {
    if (work.length === 0) return null;
    const { runs, ...state } = seen;
    const charge = chargeKg === undefined ? {} : { charge: { value: chargeKg, unit: 'kg' } };
    const found = isolate({ circuit: withCompressors(graph, runs), work, state, ...charge, refrigerant: job.circuit.refrigerant });
    return found.ok ? found.value : null;
  }, [graph, work, seen, chargeKg, job.circuit.refrigerant]);
  const toggle = (id: string) => setWork(work.includes(id) ? work.filter((other) => other !== id) : [...work, id]);
  const leftKg = chargeKg === undefined ? undefined : Math.max(0, chargeKg - (loss?.lostKg ?? 0));
  return { work, toggle, seen, setSeen, answer, chargeKg, leftKg };
}
export type IsolationWork = ReturnType<typeof useIsolation>;
