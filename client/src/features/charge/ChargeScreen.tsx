import type { JobView } from '@kesto/contract';
import { lastOf, type CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { useStage } from '@/data/stages/useStage';
import { WithCircuit } from '@/features/stage';
import { ChargePlanning } from './plan/ChargePlanning';
import { ChargeWeighing } from './weigh/ChargeWeighing';

/** What belongs in it, weighed in, read when it has settled. */
export function ChargeScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => <Ready job={job} graph={graph} />}</WithCircuit>;
}

function Ready({ job, graph }: { job: JobView; graph: CircuitGraph | null }) {
  const work = useStage(job, 'charge');
  const isBegun = lastOf(work.facts, 'charge-began') !== undefined;
  const [wasPlanned] = useState(!isBegun);
  return isBegun ? (
    <ChargeWeighing job={job} graph={graph} work={work} isBegunNow={wasPlanned} />
  ) : (
    <ChargePlanning job={job} graph={graph} work={work} />
  );
}
