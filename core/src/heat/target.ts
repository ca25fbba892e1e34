import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { FillerRow } from '../filler/fillers';
import { FLUXES } from '../flux/fluxes';
import { METALS } from '../metal/metals';

/** Room a hand with a torch needs under the melting of the metal [K]. */
export const NEAR_MELTING_K = 50;
/** Range kept where an old filler asks for more than the new one's range [K]. */
const REFLOW_RANGE_K = 25;

export interface TargetRange {
  readonly lowC: number;
  readonly highC: number;
  /** Of the filler that has to melt again; null where nothing is re-flowed. */
  readonly oldLiquidusC: number | null;
  /** The old filler can be brought to flow within what metals and flux bear. */
  readonly reflows: boolean;
}

/** Liquidus of the filler that stays in the joint from before: what is ground or cut off is not re-flowed. */
function oldLiquidusC(joint: ResolvedJoint): number | null {
  const old = [joint.male, joint.female].flatMap((m) => (m.state === 'brazed' && m.removed === null ? (m.oldFiller?.liquidusC ?? []) : []));
  return old.length === 0 ? null : Math.max(...old);
}

/** Hottest the two metals bear: 50 K under the lower solidus; aluminium with its own fillers is brazed closer, by its own rule. */
function bearableC(joint: ResolvedJoint, filler: FillerRow): number {
  if (filler.family === 'aluminium-silicon' || filler.family === 'zinc-aluminium') return Infinity;
  return Math.min(METALS[joint.male.metal].solidusC, METALS[joint.female.metal].solidusC) - NEAR_MELTING_K;
}

const HOTTEST_FLUX_C = FLUXES['FB3-C'].activeToC;

/**
 * Temperatures to aim for.
 *
 * @returns the filler's brazing range, its high end kept 50 K under the lower solidus, its low end raised to an old filler's liquidus
 *          where the joint is re-flowed [°C]; `reflows` is false where that is more than the metals or the flux bear
 * @source  AWS brazing ranges; the margin of 50 K is trade judgement
 */
export function targetRange(joint: ResolvedJoint, filler: FillerRow): TargetRange {
  const most = bearableC(joint, filler);
  const old = oldLiquidusC(joint);
  const highC = Math.max(filler.liquidusC, Math.min(filler.brazingHighC, most));
  const lowC = Math.max(Math.min(filler.brazingLowC, highC), old ?? -Infinity);
  if (lowC <= highC) return { lowC, highC, oldLiquidusC: old, reflows: true };
  const raisedC = lowC + REFLOW_RANGE_K;
  return { lowC, highC: raisedC, oldLiquidusC: old, reflows: raisedC <= Math.min(most, HOTTEST_FLUX_C) };
}
