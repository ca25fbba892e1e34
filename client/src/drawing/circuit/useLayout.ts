import type { CircuitGraph, CircuitLayout } from '@kesto/core';
import { useEffect, useState } from 'react';
import { layOutBeside, layoutAtOnce } from '@/worker/layOutBeside';

/** A circuit with where it is drawn. */
export interface LaidOut {
  readonly graph: CircuitGraph;
  readonly layout: CircuitLayout;
}

/** A circuit laid out; the one that was shown before stays until the next is. Null until the first. */
export function useLayout(graph: CircuitGraph): LaidOut | null {
  const layout = layoutAtOnce(graph);
  const [shown, setShown] = useState<LaidOut | null>(null);
  if (layout && shown?.graph !== graph) setShown({ graph, layout });
  useEffect(() => {
    if (layout) return undefined;
    let isMeant = true;
    void layOutBeside(graph).then((found) => isMeant && setShown({ graph, layout: found }));
    return () => {
      isMeant = false;
    };
  }, [graph, layout]);
  return layout ? { graph, layout } : shown;
}
