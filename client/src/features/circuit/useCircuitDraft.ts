import type { CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { begun, redone, stepped, undone, type History } from '@/history/history';

/** Goes up when a kept draft no longer reads as today's. */
const VERSION = 1;
const keyOf = (circuitId: string) => `kesto.circuit.${circuitId}`;

function keptDraft(circuitId: string): CircuitGraph | null {
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(keyOf(circuitId)) ?? 'null') as {
      version: number;
      graph: CircuitGraph;
    } | null; // cast: written below alone
    return kept?.version === VERSION ? kept.graph : null;
  } catch {
    return null;
  }
}

function keepDraft(circuitId: string, graph: CircuitGraph | null): void {
  try {
    if (graph) globalThis.localStorage?.setItem(keyOf(circuitId), JSON.stringify({ version: VERSION, graph }));
    else globalThis.localStorage?.removeItem(keyOf(circuitId));
  } catch {
    // no storage: the drawing lasts as long as the page
  }
}

/** A circuit while it is drawn: every step can be undone, and it outlives a reload until it is kept. */
export function useCircuitDraft(circuitId: string, stored: CircuitGraph | null) {
  const [draft, setDraft] = useState<History<CircuitGraph | null>>(() => begun(keptDraft(circuitId)));
  const now = draft.present ?? stored;
  const set = (next: History<CircuitGraph | null>) => {
    setDraft(next);
    keepDraft(circuitId, next.present);
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
