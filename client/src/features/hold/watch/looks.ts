import type { HoldCurve } from '@kesto/core';

/** The leak that is looked for, as grams a year in the measure that the hold's own figures have; null without one, or a refrigerant of no table. */
export function wantedGramsOf({ hold }: HoldCurve): number | null {
  const { wantedLeakPaM3S, smallestSeenPaM3S, gramsPerYearSeen } = hold;
  if (wantedLeakPaM3S === null || gramsPerYearSeen === null || smallestSeenPaM3S <= 0) return null;
  return (gramsPerYearSeen * wantedLeakPaM3S) / smallestSeenPaM3S;
}

/** Soap and sniffer at their best [g a year]. Source: EN 14624, ASHRAE 173, trade [M]. */
export const SEES_G = { sniffer: 5, soap: 3 } as const;
/** Ends of the axis [g a year]. */
export const LOOKS_AXIS = [1, 30_000] as const;
