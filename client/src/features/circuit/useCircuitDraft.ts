import type { CircuitGraph } from '@kesto/core';
import { useState } from 'react';

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

interface History {
  readonly past: readonly CircuitGraph[];
  readonly present: CircuitGraph | null;
  readonly future: readonly CircuitGraph[];
  /** What the last step belonged to. */
  readonly move: string | null;
}

/** A circuit while it is drawn: every step can be undone, and it outlives a reload until it is kept. */
export function useCircuitDraft(circuitId: string, stored: CircuitGraph | null) {
  const [history, setHistory] = useState<History>(() => ({ past: [], present: keptDraft(circuitId), future: [], move: null }));
  const now = history.present ?? stored;
  const set = (next: History) => {
    setHistory(next);
    keepDraft(circuitId, next.present);
  };
  const before = history.past.at(-1);
  const after = history.future[0];
  return {
    graph: now,
    touched: history.present !== null,
    draw: (graph: CircuitGraph, move: string | null = null) => {
      const goesOn = move !== null && move === history.move;
      set({ past: now && !goesOn ? [...history.past, now] : history.past, present: graph, future: [], move });
    },
    undo:
      before && now ? () => set({ past: history.past.slice(0, -1), present: before, future: [now, ...history.future], move: null }) : null,
    redo: after && now ? () => set({ past: [...history.past, now], present: after, future: history.future.slice(1), move: null }) : null,
    /** Kept elsewhere, or not wanted: what stands is what was stored. */
    forget: () => set({ past: [], present: null, future: [], move: null }),
  };
}
