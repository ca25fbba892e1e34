import type { JobView } from '@kesto/contract';
import { drawnName, TAKEN_OUT_WORDS } from '@kesto/contract/wording';
import { kitOf, kitRequestOf, MADE, takenOutOf, type CircuitGraph, type OutPoint, type TakenOutSaid } from '@kesto/core';
import { useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { jobEntryWrite } from '@/data/jobs/writes';
import { useJointsOf } from '@/data/jobs/useJointsOf';
import { factsOfJob } from '@/data/stages/pendingStages';
import { useVanStock } from '@/data/van/api';
import { useWrite } from '@/outbox';

/** Something that comes out before the flame, as it stands. */
export interface OutRow extends OutPoint {
  readonly name: string;
  readonly how: string;
}

const saidOf = (job: JobView): readonly TakenOutSaid[] =>
  (job.takenOut ?? []).map((note) => ({ what: note.what, place: note.place, answer: note.kind === 'taken-out' ? note.answer : null }));

/** Before the pipe is closed: what comes out, what has to be on the tube, what is still loose. */
export function useSetUp(job: JobView, graph: CircuitGraph | null) {
  const { data: van } = useVanStock();
  const joints = useJointsOf(job.order.map(({ id }) => id));
  const { keep, busy, problem } = useWrite();
  const open = useMemo(() => joints.filter(({ state }) => !MADE.includes(state) && state !== 'cut-out'), [joints]);
  const out = useMemo((): readonly OutRow[] => {
    if (!graph) return [];
    const points = takenOutOf(
      graph,
      open.map(({ at, plan }) => ({ at, plan: plan?.plan ?? null })),
      saidOf(job),
    );
    return points.map((point) => ({
      ...point,
      name: `${TAKEN_OUT_WORDS[point.what].name}, ${drawnName(graph, point.place)}`,
      how: TAKEN_OUT_WORDS[point.what].out,
    }));
  }, [graph, open, job]);
  const loose = useMemo(() => {
    if (!van || !graph) return [];
    const kit = kitOf(kitRequestOf({ joints: [], facts: factsOfJob(job.stages), graph, van, used: [] }));
    return kit.flatMap((line) => (line.of === 'part' && !job.kit?.packed.includes(line.id) ? [drawnName(graph, line.place)] : []));
  }, [van, graph, job]);
  const say = ({ what, place }: OutPoint, answer: 'done' | 'none-here' | 'back') =>
    keep(
      jobEntryWrite(
        job.id,
        uuid(),
        answer === 'back' ? { kind: 'put-back', values: { what, place } } : { kind: 'taken-out', values: { what, place, answer } },
      ),
    );
  /** Each an entry of its own, as if each had been tapped. */
  const sayAllOut = async () => {
    for (const point of out) if (point.state === 'open' && !(await say(point, 'done'))) return;
  };
  return {
    sayAllOut,
    ...{ out, open, loose, busy, say, isLoading: joints.length < job.order.length, problem: problem?.message ?? null },
    left: out.filter(({ state }) => state === 'open').length,
    next: open.find(({ state }) => state === 'planned') ?? null,
  };
}
export type SetUpWork = ReturnType<typeof useSetUp>;
