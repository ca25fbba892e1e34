import type { Drawn, UnitView } from '@kesto/contract';
import { CIRCUIT_FILE } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import { movePart, readCircuit, type CircuitGraph } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { Chosen } from '@/drawing/circuit/Targets';
import { drawingWrite } from '@/data/circuits/api';
import { useWrite } from '@/outbox';
import type { Draw } from './draw';
import { pickCircuit } from './pickCircuit';
import { saveCircuit } from './saveCircuit';
import { useCircuitDraft } from './useCircuitDraft';
import { doneAt, type Waiting } from './waiting';

const namesTrimmed = (graph: CircuitGraph): CircuitGraph => ({
  ...graph,
  parts: graph.parts.map((part) => (part.name ? { ...part, name: part.name.trim() } : part)),
});

/** What stands in the way of keeping it, in words. */
function problemsOf(graph: CircuitGraph | null): readonly string[] {
  const read = graph ? readCircuit(graph) : null;
  return read && !read.ok ? read.errors.map((error) => calcErrorText(error)) : [];
}

/** A circuit that is edited by tapping: what is chosen, what is begun, what is kept. */
export function useCircuitScreen(unit: UnitView, circuitId: string, { drawing }: Drawn) {
  const router = useRouter();
  const draft = useCircuitDraft(circuitId, drawing?.circuit ?? null);
  const [chosen, setChosen] = useState<Chosen>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [fileProblem, setFileProblem] = useState<string | null>(null);
  const { keep, busy, problem } = useWrite();
  const { graph } = draft;
  // Judged after it is drawn.
  const judged = useDeferredValue(graph, null);
  const problems = useMemo(() => problemsOf(judged), [judged]);
  const name = unit.circuits.find(({ id }) => id === circuitId)?.name ?? '';
  const draw: Draw = (next, then, move) => {
    draft.draw(next, move);
    setChosen(then);
  };
  async function store() {
    if (!graph || !(await keep(drawingWrite(circuitId, unit.id, uuid(), namesTrimmed(graph))))) return;
    draft.forget();
    router.push(`/units/${unit.id}`);
  }
  async function read() {
    const picked = await pickCircuit();
    setFileProblem(picked && 'problem' in picked ? picked.problem : null);
    if (picked && 'graph' in picked) draw(picked.graph, null);
  }
  return {
    ...{ draft, graph, name, chosen, setChosen, waiting, setWaiting, busy, draw },
    problems,
    isSound: judged === graph && problems.length === 0,
    failed: [problem?.message, fileProblem].filter((text) => typeof text === 'string'),
    /** What was begun is done at the tube that is tapped; a tap on anything else leaves it. */
    choose(next: Chosen) {
      setWaiting(null);
      const done = graph && waiting && next && 'link' in next ? doneAt(graph, waiting, next.link) : null;
      if (done) draw(done.graph, done.then);
      else setChosen(next);
    },
    move(part: string, link: number) {
      const moved = graph && movePart(graph, part, link);
      if (moved && moved !== graph) draw(moved, { part });
    },
    store: () => void store(),
    read: () => void read(),
    save: () => graph && saveCircuit({ ...CIRCUIT_FILE, name: `${unit.tag} ${name}`.trim(), circuit: graph }),
  };
}
export type CircuitWork = ReturnType<typeof useCircuitScreen>;
