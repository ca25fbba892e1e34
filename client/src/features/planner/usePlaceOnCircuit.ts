import type { JointView } from '@kesto/contract';
import { jointAt, type JointOnCircuit } from '@kesto/core';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useCircuitDrawing } from '@/features/circuit/api';

/** What the circuit's drawing says of the joint's place; null where it sits on none, or its place was drawn away. */
export function usePlaceOnCircuit({ at, circuit }: JointView): JointOnCircuit | null {
  const { data } = useCircuitDrawing(at ? circuit.id : skipToken);
  const graph = data?.drawing?.circuit;
  return useMemo(() => (graph && at ? jointAt(graph, at) : null), [graph, at]);
}
