import type { JobView } from '@kesto/contract';
import { holdsOf, holdState, type CircuitGraph } from '@kesto/core';
import { useStage } from '@/data/stages/useStage';
import { WithCircuit } from '@/features/stage';
import { HoldPlanning } from './plan/HoldPlanning';

/** A section is held under pressure, watched, and judged by what it could have seen. */
export function HoldScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => <Ready job={job} graph={graph} />}</WithCircuit>;
}

function Ready({ job, graph }: { job: JobView; graph: CircuitGraph | null }) {
  const work = useStage(job, 'hold');
  const holds = holdsOf(work.facts);
  const running = holds.findLast((hold) => holdState(hold) !== 'vented');
  return <HoldPlanning key={running?.id} job={job} graph={graph} work={work} before={null} />;
}
