import type { JointView } from '@kesto/contract';
import { factOf, jointAt, softSolderNear, type JointOnCircuit } from '@kesto/core';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useCircuitDrawing } from '@/features/circuit/api';
import { useJob } from '@/features/jobs/useJob';

/** A joint's place, and since when the circuit is drawn so. */
export type PlacedJoint = JointOnCircuit & { readonly drawnAt: string };

/** What the circuit's drawing says of the joint's place, with soft solder that was seen there; null where it sits on none, or its place was drawn away. */
export function usePlaceOnCircuit({ at, circuit, job }: JointView): PlacedJoint | null {
  const { data } = useCircuitDrawing(at ? circuit.id : skipToken);
  const graph = data?.drawing?.circuit;
  const drawnAt = data?.drawing?.at ?? '';
  const entries = useJob(at ? job.id : null).data?.stages.entries;
  return useMemo(() => {
    const found = graph && at ? jointAt(graph, at) : null;
    const soft = at && entries ? softSolderNear(entries.map(factOf), at) : [];
    return found && { ...found, near: [...found.near, ...soft], drawnAt };
  }, [graph, at, entries, drawnAt]);
}
