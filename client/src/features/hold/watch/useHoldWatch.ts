import type { JobView } from '@kesto/contract';
import {
  fillNow,
  holdState,
  isOverCap,
  isWaitedFor,
  judgeKept,
  secondsBetween,
  settledAt,
  type CircuitGraph,
  type HoldCurve,
  type KeptHold,
  type SoapResult,
  type VentPlace,
} from '@kesto/core';
import { useMemo } from 'react';
import type { StageWork } from '@/data/stages/useStage';
import { judgedByOf } from '@/features/instruments';
import { soapRowsOf, type SoapRow } from './targets';
import { usePicture } from './usePicture';

/** What was noted of one hold, worked out: how far it is, what comes next, what its curve shows. */
export function useHoldWatch(job: JobView, graph: CircuitGraph | null, work: StageWork, kept: KeptHold) {
  const state = holdState(kept);
  const picture = usePicture(job, kept, state === 'filling' || state === 'holding');
  const { live, now, planned, held, tracks, curve } = picture;
  const rows = useMemo(() => soapRowsOf(job, graph, kept), [job, graph, kept]);
  const nowAt = new Date(now).toISOString();
  const fill = fillNow(kept, tracks, nowAt);
  const settled = settledAt(kept);
  const lastPa = tracks.readings.at(-1)?.gaugePa ?? tracks.steps.at(-1)?.gaugePa ?? null;
  const since = (at: string | null) => (at === null ? null : secondsBetween(kept.began.at, at));
  const heldS = settled === null ? 0 : Math.max(0, secondsBetween(settled, nowAt));
  const hold = kept.id;
  const soap = (row: SoapRow, result: SoapResult, photos: readonly string[] = []) => {
    if (fill.soapAt === null) return Promise.resolve(false);
    return work.note('place-soaped', { hold, ...row.target, ...(row.tag ? { tag: row.tag } : {}), atKpag: fill.soapAt, result }, photos);
  };
  /** One entry a place, as if each had been tapped. */
  const soapAll = async (all: readonly SoapRow[], result: SoapResult) => {
    for (const row of all) if (!(await soap(row, result))) return;
  };
  const end = () => {
    const judged = live?.curve && picture.isLive ? { ok: true as const, value: live.curve.judged } : judgeKept(kept, held);
    return judged.ok ? work.note('hold-ended', { hold, ...judgedByOf(picture.by), ...judged.value }) : Promise.resolve(false);
  };
  return {
    ...{ jobId: job.id, state, kept, rows, heldS, soap, soapAll, end },
    ...picture,
    ...fill,
    sinceBegan: secondsBetween(kept.began.at, nowAt),
    settledS: since(settled),
    shutS: since(kept.shutAt),
    isOver:
      isDecided(curve) ||
      (settled !== null && heldS >= planned * 60 && !(picture.isLive ? isWaitedFor(kept, curve?.answersAtS ?? null) : mayStillTell(curve))),
    isOverCap: lastPa !== null && isOverCap(kept, lastPa, state === 'filling'),
    isSettled: settled !== null && heldS > 0,
    maySoap: fill.soapAt !== null && state !== 'ended' && fill.isNear,
    step: (kpag: number) => work.note('hold-step', { hold, pressure: { value: Math.round(kpag), unit: 'kPag' } }),
    shut: () => work.note('supply-shut', { hold }),
    letDown: (to: VentPlace) => work.note('vented', { hold, to }),
  };
}
export type HoldWatchWork = ReturnType<typeof useHoldWatch>;

/** By hand one more reading may decide it: time alone adds nothing. */
const mayStillTell = (curve: HoldCurve | null): boolean => curve !== null && !isDecided(curve) && curve.hold.minutesNeeded !== null;

const isDecided = (curve: HoldCurve | null): boolean => curve !== null && curve.hold.verdict !== 'cannot-tell';
