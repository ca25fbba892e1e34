import type { JointView } from '@kesto/contract';
import { jointAt, jointsNear, softSolderNear, type FinishedNear, type JointOnCircuit } from '@kesto/core';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useCircuitDrawing } from '@/data/circuits/api';
import { useJob } from '@/data/jobs/useJob';
import { factsOfJob } from '@/data/stages/pendingStages';

/** A joint's place, and since when the circuit is drawn so. */
export type PlacedJoint = JointOnCircuit & {
  readonly drawnAt: string;
  /** Joints of the job that are made before it, so near that its heat reaches them. */
  readonly finished: readonly FinishedNear[];
};

const BEFORE_THE_FLAME: readonly JointView['state'][] = ['not-planned', 'planned'];

/** What the circuit's drawing says of the joint's place, with soft solder that was seen there; null where it sits on none, or its place was drawn away. */
export function usePlaceOnCircuit({ id, at, circuit, job }: JointView): PlacedJoint | null {
  const { data } = useCircuitDrawing(at ? circuit.id : skipToken);
  const graph = data?.drawing?.circuit;
  const drawnAt = data?.drawing?.at ?? '';
  const { stages, order = job.order } = useJob(at ? job.id : null).data ?? {};
  return useMemo(() => {
    const found = graph && at ? jointAt(graph, at) : null;
    const soft = at && stages ? softSolderNear(factsOfJob(stages), at) : [];
    const place = order.findIndex((joint) => joint.id === id);
    const earlier = order.filter((joint, i) => joint.id !== id && (i < place || !BEFORE_THE_FLAME.includes(joint.state)));
    const finished = graph && at ? jointsNear(graph, at, earlier) : [];
    return found && { ...found, near: [...found.near, ...soft], finished, drawnAt };
  }, [id, graph, at, stages, order, drawnAt]);
}
