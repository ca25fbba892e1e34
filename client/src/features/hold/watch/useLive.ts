import type { HoldLive, JobView } from '@kesto/contract';
import { byClock, type HoldCurve, type KeptHold } from '@kesto/core';
import { useHoldLiveQuery, useHoldLiveState } from '@/data/holds/api';
import { useFresher } from '@/data/holds/useFresher';
import { usePushed } from '@/data/holds/usePushed';

/** Without a line to be told by: a hold that instruments speak of is asked about once a second, another now and then, for what others note. */
const ASKED_MS = { spoken: 1000, byHand: 3000 } as const;

/** What instruments have sent of a hold; what another phone noted meanwhile is fetched. */
export function useLive(job: JobView, kept: KeptHold, { isWatched, by }: { isWatched: boolean; by: string | null }): HoldLive | undefined {
  const of = { job: job.id, hold: kept.id, by };
  const isTold = usePushed({ of: 'hold', job: job.id, id: kept.id, by }, isWatched);
  const { data } = useHoldLiveState(of);
  const isSpoken = (data?.series.length ?? 0) > 0;
  const { refetch } = useHoldLiveQuery(of, { pollingInterval: isWatched && !isTold ? (isSpoken ? ASKED_MS.spoken : ASKED_MS.byHand) : 0 });
  useFresher(job, data?.entries, refetch);
  return data;
}

/** How many times as fast the hold's clock runs, as soon as its stand-in has joined. */
export const factorOf = (kept: KeptHold, live: HoldLive | undefined): number =>
  Math.max(kept.factor, ...(live?.series ?? []).map(({ factor }) => factor ?? 1));

/** Now, by the clock of the hold [ms]. */
export const nowOf = (kept: KeptHold, factor: number, now: number): number => byClock(kept.began.at, factor, now);

/** The server's curve, as a hold by hand has its own. */
export function curveOf(live: HoldLive | undefined): HoldCurve | null {
  const curve = live?.curve;
  if (!curve) return null;
  const { judged, bandPa, wantedPaPerS, answersAtS, points } = curve;
  const {
    leakPaM3S,
    smallestSeenPaM3S,
    gramsPerYear,
    gramsPerYearSeen = null,
    gramsPerYearRunning = null,
    wantedLeakPaM3S = null,
  } = judged;
  if (leakPaM3S === null || smallestSeenPaM3S === null) return null;
  return {
    ...{ bandPa, wantedPaPerS, answersAtS },
    points: points.map(({ seconds, changePa }) => ({ seconds, changePa, pressurePa: Number.NaN, celsius: Number.NaN })),
    hold: {
      ...{ leakPaM3S, smallestSeenPaM3S, gramsPerYear, gramsPerYearSeen, gramsPerYearRunning, wantedLeakPaM3S },
      ...{ verdict: judged.verdict, reasons: judged.reasons, minutesNeeded: null, correctedEndPa: Number.NaN, cautions: [] },
    },
  };
}
