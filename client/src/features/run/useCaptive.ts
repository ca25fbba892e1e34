import type { JobView, JointView } from '@kesto/contract';
import { captiveAt, joiningOf, type Captive } from '@kesto/core';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useCircuitDrawing } from '@/data/circuits/api';
import { factsOfJob } from '@/data/stages/pendingStages';

/** What has to be on the tube before a joint closes it; nothing where the joint is not on the drawing. */
export function useCaptive({ at }: Pick<JointView, 'at'>, job: JobView): readonly Captive[] {
  const { data } = useCircuitDrawing(at ? job.circuitId : skipToken);
  const graph = data?.drawing?.circuit;
  return useMemo(() => (graph && at ? captiveAt(graph, at, joiningOf(factsOfJob(job.stages))) : []), [graph, at, job.stages]);
}
