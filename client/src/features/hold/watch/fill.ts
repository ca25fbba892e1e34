import { secondsBetween, STEP_STANDS_S, type HoldTracks, type KeptHold } from '@kesto/core';
import { soapPressures } from './targets';

/** How far a fill is: what comes next, how long it still stands, and at which pressure soap counts. */
export interface FillNow {
  /** The next step [kPag]; null once it stands at the last. */
  readonly next: number | null;
  readonly standLeftS: number;
  readonly soapAt: number | null;
  /** Near work: not while it rises, nor for ten minutes at the last step. */
  readonly isNear: boolean;
}

export function fillOf({ began, steps }: KeptHold, tracks: HoldTracks, nowAt: string): FillNow {
  const { stepsKpag } = began.values;
  const last = steps.at(-1);
  const reachedKpag = (tracks.steps.at(-1)?.gaugePa ?? 0) / 1000;
  const next = stepsKpag.find((kpag) => kpag > reachedKpag + 1) ?? null;
  const stands = next === null ? STEP_STANDS_S.last : STEP_STANDS_S.each;
  const standLeftS = last ? Math.max(0, stands - secondsBetween(last.at, nowAt)) : 0;
  const soapAt = soapPressures(stepsKpag).findLast((kpag) => kpag <= reachedKpag + 1) ?? null;
  return { next, standLeftS, soapAt, isNear: next !== null || standLeftS === 0 };
}
