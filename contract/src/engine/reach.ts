import type { Reach } from '@kesto/core';

/** The answer of `kesto reach`. */
export function reachAnswer(reach: Reach) {
  return {
    points: reach.points.map((p) => ({ distanceMm: p.distanceM * 1000, peakC: p.peakC, atSeconds: p.atSeconds })),
    dryAtSeconds: reach.dryAtSeconds,
    energyErrorPercent: reach.energyErrorPercent,
  };
}
