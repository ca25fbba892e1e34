import type { JobView } from '@kesto/contract';
import { lastOf, type CircuitGraph } from '@kesto/core';
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
  return lastOf(work.facts, 'charge-began') ? (
    <ChargeWeighing job={job} graph={graph} work={work} />
  ) : (
    <ChargePlanning job={job} graph={graph} work={work} />
  );
}
