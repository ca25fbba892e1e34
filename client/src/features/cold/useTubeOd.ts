import type { JobView, JointView } from '@kesto/contract';
import { metresOf, tubePlace } from '@kesto/core';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useCircuitDrawing } from '@/data/circuits/api';

/** Outside of the tube that a joint sits on [m]; null where it is not drawn. */
export function useTubeOd({ at }: JointView, job: JobView): number | null {
  const { data } = useCircuitDrawing(at ? job.circuitId : skipToken);
  const link = at && data?.drawing?.circuit.links.find((other) => tubePlace(other) === tubePlace(at));
  return link?.tube ? metresOf(link.tube.od) : null;
}
