import type { CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { useMe } from '@/session/useMe';
import { dropTyped, keepTyped, takeFormer, typedBefore } from '@/state/typed';
import { begun, redone, stepped, undone, type History } from '@/history/history';

/** Where a former version kept it, whoever drew. */
const formerOf = (circuitId: string) => `kesto.circuit.${circuitId}`;
const whichOf = (person: string, circuitId: string) => ({ person, name: `circuit.${circuitId}`, version: 1 });

function keptDraft(person: string, circuitId: string): CircuitGraph | null {
  const former = takeFormer(formerOf(circuitId)) as { version: number; graph: CircuitGraph } | null; // cast: the former version wrote nothing else
  return typedBefore<CircuitGraph>(whichOf(person, circuitId)) ?? (former?.version === 1 ? former.graph : null);
}

function keepDraft(person: string, circuitId: string, graph: CircuitGraph | null): void {
  const which = whichOf(person, circuitId);
  if (graph) keepTyped(which, graph);
  else dropTyped(which);
}

/** A circuit while it is drawn: every step can be undone, and it outlives a reload until it is kept. */
export function useCircuitDraft(circuitId: string, stored: CircuitGraph | null) {
  const person = useMe()?.person.id ?? 'nobody';
  const [draft, setDraft] = useState<History<CircuitGraph | null>>(() => begun(keptDraft(person, circuitId)));
  const now = draft.present ?? stored;
  const set = (next: History<CircuitGraph | null>) => {
    setDraft(next);
    keepDraft(person, circuitId, next.present);
  };
  const go = (next: History<CircuitGraph | null> | null) => (next ? () => set(next) : null);
  return {
    graph: now,
    touched: draft.present !== null,
    draw: (graph: CircuitGraph, move: string | null = null) => set(stepped(draft, graph, move)),
    undo: now ? go(undone(draft)) : null,
    redo: go(redone(draft)),
    /** Kept elsewhere, or not wanted: what stands is what was stored. */
    forget: () => set(begun(null)),
  };
}
