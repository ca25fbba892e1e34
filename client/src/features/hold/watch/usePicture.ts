import type { JobView } from '@kesto/contract';
import { holdCurve, holdTracks, judgeKept, requestOfKept, seenAfter, usualMinutes, type HoldCurve, type KeptHold } from '@kesto/core';
import { useMemo, useState } from 'react';
import { useNow } from '@/ui/useNow';
import { BY_HAND } from '@/features/instruments';
import { curveOf, factorOf, nowOf, useLive } from './useLive';

/** Minutes a hold is planned for: as typed, else as long as it needs. */
const plannedMinutesOf = ({ began }: KeptHold): number => began.values.plannedMinutes ?? usualMinutes(began.values.minutesNeeded);

interface Seen {
  readonly curve: HoldCurve | null;
  /** What it will have seen at its planned end [g a year]. */
  readonly atEnd: number | null;
}

/** The curve with the verdict that its end would have: what is held against gauge and readings counts already. */
const judgedIn = (curve: HoldCurve, judged: ReturnType<typeof judgeKept>): HoldCurve =>
  judged.ok ? { ...curve, hold: { ...curve.hold, verdict: judged.value.verdict, reasons: judged.value.reasons } } : curve;

/** What is known of a hold over time: by the server where instruments speak of it, else by what was noted by hand. */
export function usePicture(job: JobView, kept: KeptHold, isWatched: boolean) {
  const [by, judgeBy] = useState<string | null>(null);
  const isByHand = by === BY_HAND;
  const live = useLive(job, kept, { isWatched, by: isByHand ? null : by });
  const now = nowOf(kept, factorOf(kept, live), useNow(isWatched));
  const planned = plannedMinutesOf(kept);
  const held = useMemo(() => ({ refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM }), [job]);
  const byHand = useMemo((): Seen => {
    const request = requestOfKept(kept, held);
    if (!request) return { curve: null, atEnd: null };
    const curve = holdCurve(request);
    const judged = judgeKept(kept, held);
    const atEnd = seenAfter(request, planned * 60);
    return { curve: curve.ok ? judgedIn(curve.value, judged) : null, atEnd: atEnd.ok ? atEnd.value.gramsPerYear : null };
  }, [kept, held, planned]);
  const speaks = live?.series.some(({ id, isEnded }) => !isEnded && (live.judgedBy === null || live.judgedBy === id)) ?? false;
  const isLive = !isByHand && (speaks || (live?.points.length ?? 0) > 0);
  const seen: Seen = isLive ? { curve: curveOf(live), atEnd: live?.curve?.seenAtEnd ?? null } : byHand;
  const tracks = useMemo(() => {
    const noted = holdTracks(kept, held.altitudeM);
    return live && live.points.length > 0 && !isByHand ? { ...noted, readings: live.points } : noted;
  }, [kept, held, live, isByHand]);
  return { live, isLive, by, judgeBy, now, planned, held, tracks, ...seen };
}
