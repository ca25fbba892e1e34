import type { JobView } from '@kesto/contract';
import {
  ENGINE_VERSION,
  factsOf,
  foundOnLowSide,
  isolate,
  lastOf,
  leaksOf,
  safetyClassOf,
  toTakeOutKg,
  tubePlace,
  withCompressors,
  type AlsoOpenedKind,
  type CircuitGraph,
  type CompressorKind,
  type Isolation,
  type IsolationMethod,
  type StageFact,
} from '@kesto/core';
import { useMemo, useState } from 'react';
import type { StageWork } from '@/data/stages/useStage';

/** What was seen of the machine, as far as it decides how the work is got at. */
export interface Seen {
  readonly runs: boolean;
  /** Left out: nobody looked. */
  readonly lowSideLeak?: boolean;
  readonly compressorKind?: CompressorKind;
  readonly airInside: boolean;
  readonly jointOpen: boolean;
}

/** Cores are changed by tool under pressure, seals are of the part itself. */
const OPENS: readonly AlsoOpenedKind[] = ['drier', 'twin'];

/** A way that is kept: what it takes out [kg], and why it is not the advised one. */
interface Way {
  readonly method: IsolationMethod;
  readonly takeOutKg?: number | undefined;
  readonly reason?: string | undefined;
}

const NOTHING_SEEN: Seen = { runs: false, airInside: false, jointOpen: false };

/** What was kept; else a leak that was found on the low side ticks itself. */
function firstSeen(facts: readonly StageFact[], graph: CircuitGraph): Seen {
  const kept = lastOf(facts, 'isolation')?.values;
  if (!kept) return { ...NOTHING_SEEN, ...(foundOnLowSide(facts, graph) ? { lowSideLeak: true } : {}) };
  const { runs, airInside, jointOpen, lowSideLeak, compressorKind } = kept;
  return {
    runs,
    airInside,
    jointOpen,
    ...(lowSideLeak === undefined ? {} : { lowSideLeak }),
    ...(compressorKind ? { compressorKind } : {}),
  };
}

/** Other parts that are changed as well: each is opened, so that it counts for the way. */
const changedToo = (facts: readonly StageFact[]): readonly string[] =>
  factsOf(facts, 'also-opened').flatMap(({ values }) => (values.choice === 'yes' && OPENS.includes(values.what) ? [values.place] : []));

/** The parts worked on at first: what was kept, else where leaks were found. */
function firstWork(graph: CircuitGraph, facts: readonly StageFact[]): readonly string[] {
  const kept = [...(lastOf(facts, 'isolation')?.values.work ?? leaksOf(facts).map((leak) => leak.place)), ...changedToo(facts)];
  // A core is changed with a tool, under pressure: its port is not what is opened.
  const tubes = new Set(graph.links.map(tubePlace));
  return [...new Set(kept)].filter((id) => tubes.has(id) || graph.parts.some((part) => part.id === id && part.kind !== 'port'));
}

const isSameWork = (one: readonly string[], other: readonly string[]) =>
  one.length > 0 && one.length === other.length && other.every((id) => one.includes(id));

/** How the work is got at, worked out anew with every tap. */
export function useIsolation(job: JobView, graph: CircuitGraph, facts: readonly StageFact[]) {
  const kept = lastOf(facts, 'isolation')?.values;
  const [work, setWork] = useState(() => firstWork(graph, facts));
  const [seen, setSeen] = useState<Seen>(() => firstSeen(facts, graph));
  const chargeKg = kept?.chargeKg ?? lastOf(facts, 'loss')?.values.chargeKg ?? job.circuit.chargeKg;
  const answer: Isolation | null = useMemo(() => {
    if (work.length === 0) return null;
    const { runs, ...state } = seen;
    const charge = chargeKg === undefined ? {} : { charge: { value: chargeKg, unit: 'kg' } };
    const safetyClass = safetyClassOf(job.circuit);
    const filled = { refrigerant: job.circuit.refrigerant, ...charge, ...(safetyClass && { safetyClass }) };
    const found = isolate({ circuit: withCompressors(graph, runs), work, state, ...filled });
    return found.ok ? found.value : null;
  }, [graph, work, seen, chargeKg, job.circuit]);
  const toggle = (id: string) => setWork(work.includes(id) ? work.filter((other) => other !== id) : [...work, id]);
  /** By the way that is taken [kg]; null where it cannot be told. */
  const takeOutKg = (method: IsolationMethod) =>
    toTakeOutKg({ method, insideKg: chargeKg, circuit: graph, emptied: answer?.emptied ?? [] });
  /** Keeps a way; another than the advised one with its reason. True once it is safe on the device. */
  const keepWay = (stage: StageWork, way: Way): Promise<boolean> => {
    if (!answer) return Promise.resolve(false);
    const { open, close, closeAfter, staysFull } = answer;
    const isAdvised = way.method === answer.method;
    const valves = isAdvised ? { open, close, closeAfter, staysFull } : { open: [], close: [], closeAfter: [], staysFull: [] };
    return stage.note('isolation', {
      ...{ work, advised: answer.method, method: way.method, ...seen, ...valves, engineVersion: ENGINE_VERSION },
      ...(chargeKg === undefined ? {} : { chargeKg }),
      ...(way.takeOutKg === undefined ? {} : { takeOutKg: way.takeOutKg }),
      ...(!isAdvised && way.reason !== undefined ? { reason: way.reason } : {}),
    });
  };
  /** As it is advised, with what it takes out. */
  const keepAdvised = (stage: StageWork): Promise<boolean> => {
    if (!answer) return Promise.resolve(false);
    return keepWay(stage, { method: answer.method, takeOutKg: takeOutKg(answer.method) ?? undefined });
  };
  /** What is changed as well is opened as well. */
  const alsoOpens = (what: AlsoOpenedKind, place: string) => OPENS.includes(what) && !work.includes(place) && setWork([...work, place]);
  /** The way was kept for other work than this. */
  const isKeptWay = isSameWork(lastOf(facts, 'isolation')?.values.work ?? [], work);
  return { work, toggle, alsoOpens, isKeptWay, seen, setSeen, answer, takeOutKg, keepWay, keepAdvised };
}
export type IsolationWork = ReturnType<typeof useIsolation>;
