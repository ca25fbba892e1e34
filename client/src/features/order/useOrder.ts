import type { JobView, JointSummary } from '@kesto/contract';
import {
  drawnJointsOf,
  heatAdvice,
  heatSteps,
  MADE,
  orderBreaks,
  sequenceOfDrawing,
  type CircuitGraph,
  type OrderBreak,
  type SequenceStep,
} from '@kesto/core';
import { arrayMove } from '@dnd-kit/sortable';
import { useEffect, useMemo, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { jobEntryWrite } from '@/data/jobs/writes';
import { factsOfJob } from '@/data/stages/pendingStages';
import { useWrite } from '@/outbox';
import { useMayMake } from '@/session/useMayMake';
import { useSearch } from './useSearch';

const moved = (order: readonly string[], id: string, by: -1 | 1): readonly string[] => {
  const at = order.indexOf(id);
  const to = at + by;
  if (at < 0 || to < 0 || to >= order.length) return order;
  const next = order.filter((other) => other !== id);
  return [...next.slice(0, to), id, ...next.slice(to)];
};

/** The order with one joint put where another stands. */
const putAt = (order: readonly string[], id: string, over: string): readonly string[] =>
  arrayMove([...order], order.indexOf(id), order.indexOf(over));

/** The order of a job's joints: as it was kept, searched anew, or as somebody moved it; and what it breaks. */
export function useOrder(job: JobView, graph: CircuitGraph) {
  const mayMake = useMayMake();
  const [inlet, setInlet] = useState<string | null>(null);
  const [order, setOrder] = useState<readonly string[]>(() => job.order.map(({ id }) => id));
  const search = useSearch();
  const { keep: write, busy, problem } = useWrite();
  const request = useMemo(() => {
    return sequenceOfDrawing(graph, drawnJointsOf(job.order, factsOfJob(job.stages)), inlet);
  }, [graph, inlet, job]);
  // Where no order was kept the best one is searched at once: it is what the page is opened for.
  const isSearched = useRef(job.keptOrder != null || !mayMake);
  const { begin } = search;
  useEffect(() => {
    if (isSearched.current || !request) return;
    isSearched.current = true;
    begin(request);
  }, [request, begin]);
  const isOfThis = request !== null && search.asked === JSON.stringify(request);
  const found = isOfThis && search.found?.ok ? search.found.value : null;
  const foundOrder = useMemo(() => {
    if (!found) return null;
    const placed = found.order.map((step) => step.joint);
    const others = job.order.filter(({ id }) => !placed.includes(id));
    const isMade = ({ state }: JointSummary) => MADE.includes(state);
    // What is made is done; what is not drawn comes when it is known where it sits.
    return [...others.filter(isMade).map(({ id }) => id), ...placed, ...others.filter((joint) => !isMade(joint)).map(({ id }) => id)];
  }, [found, job.order]);
  const [taken, setTaken] = useState(found);
  if (found && found !== taken) {
    setTaken(found);
    if (foundOrder) setOrder(foundOrder);
  }
  const checked = useMemo(() => (request ? orderBreaks(request, order) : null), [request, order]);
  const breaks: readonly OrderBreak[] = checked?.ok ? checked.value : [];
  const isAsFound = foundOrder !== null && foundOrder.join() === order.join();
  const steps: ReadonlyMap<string, SequenceStep> = new Map(isAsFound ? found?.order.map((step) => [step.joint, step]) : []);
  const inTurn = order.flatMap((id) => job.order.find((joint) => joint.id === id) ?? []).filter(({ state }) => !MADE.includes(state));
  const isKept = job.keptOrder?.order.join() === order.join();

  /** Somebody's own order: what is still searched does not come over it. */
  const take = (own: readonly string[]) => {
    search.cancel();
    setOrder(own);
  };

  /** True once it is safe on the device. */
  const keep = (reason?: string) =>
    write(jobEntryWrite(job.id, uuid(), { kind: 'order-kept', values: { order: [...order], ...(reason ? { reason } : {}) } }));

  return {
    ...{ request, order, steps, breaks, search, inlet, setInlet, isKept, isAsFound, busy, keep },
    rigChanges: isAsFound ? (found?.rigChanges ?? null) : null,
    allMade: inTurn.length === 0,
    problem: problem?.message ?? null,
    failed: isOfThis && search.found && !search.found.ok ? search.found.errors : null,
    heats: heatSteps(graph, inTurn),
    advice: heatAdvice(graph, inTurn),
    move: (id: string, by: -1 | 1) => take(moved(order, id, by)),
    putAt: (id: string, over: string) => take(putAt(order, id, over)),
  };
}
export type OrderWork = ReturnType<typeof useOrder>;
