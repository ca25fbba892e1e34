import type { JobView } from '@kesto/contract';
import {
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
import { useMemo } from 'react';
import type { StageWork } from '@/data/stages/useStage';
import { useNow } from '@/ui/useNow';

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

/** What was noted of a pull, worked out: how deep it is, what its rise shows so far, what comes next. */
export function usePullWatch(job: JobView, graph: CircuitGraph | null, work: StageWork, pull: KeptPull) {
  const state = pullState(pull);
  const now = useNow(state !== 'judged');
  const moments = useMemo(() => pullMoments(pull), [pull]);
  const from = shutAt(pull);
  const { readings } = useMemo(() => riseReadings(pull), [pull]);
  const held = useMemo(
    () => ({ graph: graph ?? EMPTY, facts: work.facts, refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM }),
    [graph, work.facts, job],
  );
  const judged = useMemo(() => (state === 'watching' ? judgePull(pull, held) : (pull.rises.at(-1)?.values ?? null)), [state, pull, held]);
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
    ...{ state, pull, pulls, moments, readings, judged, forecast, from, now, watchedS },
    ...breaksOf(pulls, job.site.altitudeM),
    last: moments.at(-1) ?? null,
    leftS: Math.max(0, RISE.leastS - watchedS),
    maySay: (readings.at(-1)?.seconds ?? 0) >= RISE.leastS && readings.length >= RISE.leastReadings,
    isDry: standingRise(work.facts)?.values.verdict === 'tight-and-dry',
    isHeld: lastHold(work.facts)?.ended?.values.verdict === 'tight',
    hasOil: work.facts.some(({ kind }) => kind === 'oil-changed'),
    shut: () => work.note('valve-shut', values),
    pumpOn: () => work.note('pumped-on', values),
    changeOil: () => work.note('oil-changed', values),
    judge: () => work.note('rise', { ...values, ...judgePull(pull, held) }),
    read: (pressure: Quantity) => work.note('pull-read', { ...values, pressure }),
    breakWith: (reached: Quantity, brokenTo: Quantity, minutes: number) =>
      work.note('broken-with-nitrogen', { ...values, reached, brokenTo, minutes }),
  };
}
export type PullWatchWork = ReturnType<typeof usePullWatch>;
