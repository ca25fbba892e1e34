import type { JobView } from '@kesto/contract';
import {
  byClock,
  forecastCurve,
  judgePull,
  lastHold,
  pullMoments,
  pullState,
  pullsOf,
  pumpingOf,
  riseReadings,
  shutAt,
  standingRise,
  type CircuitGraph,
  type KeptPull,
  type Quantity,
} from '@kesto/core';
import { airLeft, RISE } from '@kesto/core/pull';
import { FieldReader } from '@kesto/core';
import { useMemo, useState } from 'react';
import type { StageWork } from '@/data/stages/useStage';
import { useNow } from '@/ui/useNow';
import { BY_HAND, judgedByOf } from '@/features/instruments';
import { usePullLive } from './usePullLive';

const EMPTY: CircuitGraph = { parts: [], links: [] };
/** Drawn down to here at least [Pa]. */
const LEAST_PA = 10;

/** Breaks of a job in pascals, and what they leave of the first air. */
function breaksOf(pulls: readonly KeptPull[], altitudeM: number) {
  const read = new FieldReader();
  read.readAtmosphere({ altitude: { value: altitudeM, unit: 'm' } });
  const pa = (of: Quantity) => read.absolutePressure('break', of, { min: 0, max: 1e7 });
  const breaks = pulls.flatMap(({ breaks: own }) =>
    own.map(({ at, values }) => ({ at, reachedPa: pa(values.reached), brokenToPa: pa(values.brokenTo), minutes: values.minutes })),
  );
  return { breaks, airLeft: breaks.length > 0 ? airLeft(breaks) : null };
}

/** What an instrument says of it: the first, the one that was chosen, or none where it is read by hand. */
function useSpoken(job: JobView, pull: KeptPull, isWatched: boolean) {
  const [by, judgeBy] = useState<string | null>(null);
  const live = usePullLive(job, pull, { isWatched, by: by === BY_HAND ? null : by });
  const points = useMemo(() => (by === BY_HAND ? [] : (live?.points ?? [])), [live, by]);
  return { by, judgeBy, live, points };
}

/** Long enough, and often enough, to be judged by hand. */
const isEnough = (readings: readonly { readonly seconds: number }[], untilS: number): boolean =>
  untilS - (readings[0]?.seconds ?? untilS) >= RISE.leastS && readings.length >= RISE.leastReadings;

/** What was noted of a pull, worked out: how deep it is, what its rise shows so far, what comes next. */
export function usePullWatch(job: JobView, graph: CircuitGraph | null, work: StageWork, pull: KeptPull) {
  const state = pullState(pull);
  const isOn = state !== 'judged' && work.state === 'open';
  const { by, judgeBy, live, points } = useSpoken(job, pull, isOn);
  const factor = Math.max(pull.factor, ...(live?.series ?? []).map((series) => series.factor ?? 1));
  const now = byClock(pull.began.at, factor, useNow(isOn));
  const moments = useMemo(() => pullMoments(pull, points), [pull, points]);
  const from = shutAt(pull);
  const { readings } = useMemo(() => riseReadings(pull, points), [pull, points]);
  const held = useMemo(
    () => ({ graph: graph ?? EMPTY, facts: work.facts, refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM }),
    [graph, work.facts, job],
  );
  const judged = useMemo(() => {
    if (state !== 'watching') return pull.rises.at(-1)?.values ?? null;
    return points.length > 0 ? (live?.judged ?? null) : judgePull(pull, held);
  }, [state, pull, held, points, live]);
  const pulls = useMemo(() => pullsOf(work.facts), [work.facts]);
  const pumping = useMemo(() => {
    const made = pumpingOf(pull.began.values, job.site.altitudeM);
    return made.ok ? made.value : null;
  }, [pull, job]);
  const forecast = useMemo(() => (pumping ? forecastCurve(pumping, LEAST_PA) : []), [pumping]);
  const watchedS =
    from === null ? 0 : Math.max(0, ((state === 'watching' ? now : Date.parse(pull.rises.at(-1)?.at ?? from)) - Date.parse(from)) / 1000);
  const values = { pull: pull.id };
  return {
    ...{ by, judgeBy, state, pull, pulls, moments, live, isLive: points.length > 0 },
    ...{ factor, readings, judged, forecast, from, now, watchedS },
    ...breaksOf(pulls, job.site.altitudeM),
    last: moments.at(-1) ?? null,
    leftS: Math.max(0, RISE.leastS - watchedS),
    maySay: isEnough(readings, readings.at(-1)?.seconds ?? 0),
    /** One more reading now, and it may be said. */
    isLastReading: isEnough([...readings, { seconds: watchedS }], watchedS),
    isDry: standingRise(work.facts)?.values.verdict === 'tight-and-dry',
    isHeld: lastHold(work.facts)?.ended?.values.verdict === 'tight',
    hasOil: work.facts.some(({ kind }) => kind === 'oil-changed'),
    shut: () => work.note('valve-shut', values),
    pumpOn: () => work.note('pumped-on', values),
    changeOil: () => work.note('oil-changed', values),
    judge: () => work.note('rise', { ...values, ...judgedByOf(by), ...judgePull(pull, held, points) }),
    read: (pressure: Quantity) => work.note('pull-read', { ...values, pressure }),
    breakWith: (reached: Quantity, brokenTo: Quantity, minutes: number) =>
      work.note('broken-with-nitrogen', { ...values, reached, brokenTo, minutes }),
  };
}
export type PullWatchWork = ReturnType<typeof usePullWatch>;
