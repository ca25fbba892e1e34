import type { ResolvedJoint } from '../joint/resolvedJoint';
import { brazingMiddleC, type FillerRow } from '../filler/fillers';
import { METALS, type MetalName } from '../metal/metals';
import { interpolateHeld } from '../numeric/interpolate';

/**
 * Radial gap of a centred tube in its cup, cold.
 *
 * @returns (bore - od) / 2 [m]
 */
export function radialGapColdM(joint: ResolvedJoint): number {
  return (joint.female.boreM - joint.male.outsideM) / 2;
}

/** Growth of a diameter from 20 °C, 1 + mean alpha (T - 20). Beyond the last row of the metal's table its last value is held. */
export function growth(metal: MetalName, temperatureC: number): number {
  return 1 + meanExpansionPerK(metal, temperatureC) * (temperatureC - 20);
}

/** Mean linear expansion from 20 °C to T [1/K]. Source: the metal's row, each with its own; held beyond its last temperature. */
export function meanExpansionPerK(metal: MetalName, temperatureC: number): number {
  return interpolateHeld(METALS[metal].meanExpansion, temperatureC) * 1e-6;
}

/** True where the expansion table ends below the temperature, so that the figure is an assumption. */
export function expansionIsAssumed(metal: MetalName, temperatureC: number): boolean {
  const last = METALS[metal].meanExpansion.at(-1);
  return last !== undefined && temperatureC > last[0];
}

/**
 * Radial gap at the middle of the filler's brazing range, each diameter grown by its own metal.
 * Negative when the outer part would grip the tube.
 *
 * @source free expansion of both parts at one temperature: g = (B (1 + b dT) - D (1 + a dT)) / 2
 */
export function radialGapHotM(joint: ResolvedJoint, filler: FillerRow): number {
  const hotC = brazingMiddleC(filler);
  return (joint.female.boreM * growth(joint.female.metal, hotC) - joint.male.outsideM * growth(joint.male.metal, hotC)) / 2;
}

export const GAP_LIMITS_MM = { tight: 0.025, tightForFlux: 0.05, wanted: 0.13, accepted: 0.15, reject: 0.25 } as const;

export type FitVerdict = 'good' | 'too-tight' | 'loose' | 'reject';

/** Half a micrometre is forgiven, so that 0.15 typed is 0.15 judged [mm]. */
const FORGIVEN_MM = 0.0005;

/** The gap at brazing temperature against what the filler is drawn into; with no gap left nothing is drawn in at all. */
export function judgeGap(hotGapM: number): FitVerdict {
  const gapMm = hotGapM * 1000;
  if (gapMm > GAP_LIMITS_MM.reject + FORGIVEN_MM || gapMm <= 0) return 'reject';
  if (gapMm > GAP_LIMITS_MM.accepted + FORGIVEN_MM) return 'loose';
  return gapMm < GAP_LIMITS_MM.tight - FORGIVEN_MM ? 'too-tight' : 'good';
}

/** Of a gap that is good: too narrow for flux to get out of the filler's way easily. */
export const isTightForFlux = (hotGapM: number) => hotGapM * 1000 < GAP_LIMITS_MM.tightForFlux - FORGIVEN_MM;

/**
 * Cold radial gap that becomes the wanted one at brazing temperature: 0.025-0.13 mm, with flux 0.05-0.13 mm [m].
 *
 * @returns least and most; a cold gap under zero cannot be put together, so `least` is zero where the gap opens by itself
 * @source  the hot gap solved for the bore: c = ((2 g + D (1 + a dT)) / (1 + b dT) - D) / 2
 */
export function coldGapFor(joint: ResolvedJoint, filler: FillerRow, withFlux: boolean): { leastM: number; mostM: number } {
  const hotC = brazingMiddleC(filler);
  const D = joint.male.outsideM;
  const cold = (hotM: number) => ((2 * hotM + D * growth(joint.male.metal, hotC)) / growth(joint.female.metal, hotC) - D) / 2;
  const leastMm = withFlux ? GAP_LIMITS_MM.tightForFlux : GAP_LIMITS_MM.tight;
  return { leastM: Math.max(0, cold(leastMm / 1000)), mostM: Math.max(0, cold(GAP_LIMITS_MM.wanted / 1000)) };
}
