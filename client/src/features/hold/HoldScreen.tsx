import type { JobView } from '@kesto/contract';
import { holdsOf, holdState, type CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { useStage } from '@/data/stages/useStage';
import { WithCircuit } from '@/features/stage';
import { HoldPlanning } from './plan/HoldPlanning';
import { HoldDone } from './watch/HoldDone';
import { HoldWatching } from './watch/HoldWatching';

/** A section is held under pressure, watched, and judged by what it could have seen. */
export function HoldScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => <Ready job={job} graph={graph} />}</WithCircuit>;
}

function Ready({ job, graph }: { job: JobView; graph: CircuitGraph | null }) {
  const work = useStage(job, 'hold');
  const holds = holdsOf(work.facts);
  const running = holds.findLast((hold) => holdState(hold) !== 'vented');
  /** Asked for after so many holds: the one begun then ends it. */
  const [againAfter, setAgainAfter] = useState<number | null>(null);
  if (running) return <HoldWatching key={running.id} job={job} graph={graph} work={work} kept={running} />;
  const isLeft = work.state !== 'open' || holds.some(({ ended }) => ended !== null);
  if (isLeft && againAfter !== holds.length)
    return <HoldDone job={job} graph={graph} work={work} holds={holds} onAgain={() => setAgainAfter(holds.length)} />;
  return <HoldPlanning job={job} graph={graph} work={work} />;
}
