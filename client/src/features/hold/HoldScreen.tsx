import type { JobView } from '@kesto/contract';
import { drawnName } from '@kesto/contract/wording';
import { holdsOf, underPressure, type CircuitGraph, type KeptHold } from '@kesto/core';
import { useState } from 'react';
import { sectionName } from '@/data/stages/sections';
import { useStage } from '@/data/stages/useStage';
import { WithCircuit } from '@/features/stage';
import { Choice } from '@/ui/Buttons';
import { HoldPlanning } from './plan/HoldPlanning';
import { HoldDone } from './watch/HoldDone';
import { HoldWatching } from './watch/HoldWatching';
import { WORDS } from './words';

/** A section is held under pressure, watched, and judged by what it could have seen. */
export function HoldScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => <Ready job={job} graph={graph} />}</WithCircuit>;
}

function Ready({ job, graph }: { job: JobView; graph: CircuitGraph | null }) {
  const work = useStage(job, 'hold');
  const holds = holdsOf(work.facts);
  const running = underPressure(work.facts);
  /** Asked for after so many holds: the one begun then ends it. */
  const [againAfter, setAgainAfter] = useState<number | null>(null);
  const [shown, setShown] = useState<string | null>(null);
  const isPlanning = againAfter === holds.length;
  const another = () => setAgainAfter(holds.length);
  const kept = running.find(({ id }) => id === shown) ?? running.at(-1);
  if (kept && !isPlanning)
    return (
      <HoldWatching key={kept.id} job={job} graph={graph} work={work} kept={kept} onAnother={another}>
        {running.length > 1 ? <Running running={running} shown={kept.id} graph={graph} onShow={setShown} /> : null}
      </HoldWatching>
    );
  const isLeft = work.state !== 'open' || holds.some(({ ended }) => ended !== null);
  if (isLeft && !isPlanning) return <HoldDone job={job} graph={graph} work={work} holds={holds} onAgain={another} />;
  return <HoldPlanning job={job} graph={graph} work={work} />;
}

interface RunningProps {
  readonly running: readonly KeptHold[];
  readonly shown: string;
  readonly graph: CircuitGraph | null;
  readonly onShow: (id: string) => void;
}

/** Several sections under pressure at once: which of them is looked at. */
function Running({ running, shown, graph, onShow }: RunningProps) {
  const nameOf = ({ began }: KeptHold) =>
    began.values.rig || !graph ? WORDS.rig : sectionName(graph, began.values.parts, (id) => drawnName(graph, id));
  const options = running.map((hold) => ({ value: hold.id, label: nameOf(hold) }));
  return <Choice label={WORDS.several} value={shown} options={options} onChange={onShow} />;
}
