import type { JobView } from '@kesto/contract';
import { lastPull, type CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { useStage } from '@/data/stages/useStage';
import { WithCircuit } from '@/features/stage';
import { PullPlanning } from './plan/PullPlanning';
import { PullWatching } from './watch/PullWatching';

/**
 * Down until a rise shows it dry.
 *
 * @param opens  the form that lies open at first: `rig`, the pump and its hoses
 */
export function PullScreen({ id, opens }: { id: string; opens?: string | undefined }) {
  return <WithCircuit id={id}>{(job, graph) => <Ready job={job} graph={graph} opensRig={opens === 'rig'} />}</WithCircuit>;
}

function Ready({ job, graph, opensRig }: { job: JobView; graph: CircuitGraph | null; opensRig: boolean }) {
  const work = useStage(job, 'pull');
  const pull = lastPull(work.facts);
  /** Asked for while this pull was on: the one begun then ends it. */
  const [anewAfter, setAnewAfter] = useState<string | null>(null);
  if (pull && anewAfter !== pull.id)
    return <PullWatching key={pull.id} job={job} graph={graph} work={work} pull={pull} onAnew={() => setAnewAfter(pull.id)} />;
  return <PullPlanning job={job} graph={graph} work={work} opensRig={opensRig} />;
}
