import type { JobView } from '@kesto/contract';
import {
  holdCurve,
  holdState,
  holdTracks,
  judgeKept,
  requestOfKept,
  secondsBetween,
  seenAfter,
  settledAt,
  STEP_STANDS_S,
  usualMinutes,
  type CircuitGraph,
  type HoldCurve,
  type KeptHold,
  type SoapResult,
  type VentPlace,
} from '@kesto/core';
import { useMemo } from 'react';
import type { StageWork } from '@/data/stages/useStage';
import { useNow } from '@/ui/useNow';
import { soapPressures, soapRowsOf, type SoapRow } from './targets';

/** Minutes a hold is planned for: as typed, else as long as it needs. */
const plannedMinutesOf = ({ began }: KeptHold): number => began.values.plannedMinutes ?? usualMinutes(began.values.minutesNeeded);

/** What was noted of one hold, worked out: how far it is, what comes next, what its curve shows. */
export function useHoldWatch(job: JobView, graph: CircuitGraph | null, work: StageWork, kept: KeptHold) {
  const state = holdState(kept);
  const now = useNow(state === 'filling' || state === 'holding');
  const held = useMemo(() => ({ refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM }), [job]);
  const planned = plannedMinutesOf(kept);
  const seen = useMemo(() => {
    const request = requestOfKept(kept, held);
    if (!request) return { curve: null, atEnd: null };
    const curve = holdCurve(request);
    const atEnd = seenAfter(request, planned * 60);
    return { curve: curve.ok ? curve.value : null, atEnd: atEnd.ok ? atEnd.value.gramsPerYear : null };
  }, [kept, held, planned]);
  const tracks = useMemo(() => holdTracks(kept, held.altitudeM), [kept, held]);
  const rows = useMemo(() => soapRowsOf(job, graph, kept), [job, graph, kept]);
  const { began } = kept;
  const { stepsKpag } = began.values;
  const sinceBegan = secondsBetween(began.at, new Date(now).toISOString());
  const lastStep = kept.steps.at(-1);
  const reachedKpag = (tracks.steps.at(-1)?.gaugePa ?? 0) / 1000;
  const next = stepsKpag.find((kpag) => kpag > reachedKpag + 1) ?? null;
  const stands = next === null ? STEP_STANDS_S.last : STEP_STANDS_S.each;
  const standLeftS = lastStep ? Math.max(0, stands - secondsBetween(lastStep.at, new Date(now).toISOString())) : 0;
  const settled = settledAt(kept);
  const heldS = settled === null ? 0 : Math.max(0, secondsBetween(settled, new Date(now).toISOString()));
  /** The pressure that is soaped at now. */
  const soapAt = soapPressures(stepsKpag).findLast((kpag) => kpag <= reachedKpag + 1) ?? null;
  const isNearEnough = next !== null || standLeftS === 0;
  const soap = (row: SoapRow, result: SoapResult, photos: readonly string[] = []) => {
    if (soapAt === null) return Promise.resolve(false);
    return work.note(
      'place-soaped',
      { hold: kept.id, ...row.target, ...(row.tag ? { tag: row.tag } : {}), atKpag: soapAt, result },
      photos,
    );
  };
  const end = () => {
    const judged = judgeKept(kept, held);
    return judged.ok ? work.note('hold-ended', { hold: kept.id, ...judged.value }) : Promise.resolve(false);
  };
  return {
    ...{ state, kept, tracks, rows, now, sinceBegan, next, standLeftS, heldS, planned, soapAt, soap, end, ...seen },
    settledS: settled === null ? null : secondsBetween(began.at, settled),
    shutS: kept.shutAt === null ? null : secondsBetween(began.at, kept.shutAt),
    isSettled: settled !== null && heldS > 0,
    /** Soap is near work: not while it rises, nor for ten minutes at the last step. */
    maySoap: soapAt !== null && state !== 'ended' && isNearEnough,
    isDecided: isDecided(seen.curve),
    isTimeUp: settled !== null && heldS >= planned * 60,
    step: (kpag: number) => work.note('hold-step', { hold: kept.id, pressure: { value: kpag, unit: 'kPag' } }),
    shut: () => work.note('supply-shut', { hold: kept.id }),
    letDown: (to: VentPlace) => work.note('vented', { hold: kept.id, to }),
  };
}
export type HoldWatchWork = ReturnType<typeof useHoldWatch>;

const isDecided = (curve: HoldCurve | null): boolean => curve !== null && curve.hold.verdict !== 'cannot-tell';
