import { interpolateHeld, type Point } from '../numeric/interpolate';
import { FLOW_UNITS } from '../unit/units';

const SCFH = FLOW_UNITS.scfh;

/** Trickle bands [scfh] over bore area [mm2]. Trade habit. */
const LOW_SCFH: readonly Point[] = [[18.3, 2], [31.2, 2], [49.0, 2], [96.3, 3], [156.1, 3], [224.8, 4], [312.2, 5], [532.4, 5], [810.8, 7], [1147.7, 8], [1996.5, 10], [3078.9, 12], [4394.7, 15], [7726.8, 20]]; // prettier-ignore
const HIGH_SCFH: readonly Point[] = [[18.3, 5], [31.2, 5], [49.0, 5], [96.3, 7], [156.1, 8], [224.8, 10], [312.2, 10], [532.4, 15], [810.8, 18], [1147.7, 20], [1996.5, 25], [3078.9, 30], [4394.7, 35], [7726.8, 50]]; // prettier-ignore

const WANTED_SPEED_M_PER_S = 0.1;

export function trickleBand(boreM: number): { lowM3PerS: number; highM3PerS: number } {
  const areaMm2 = (Math.PI / 4) * (boreM * 1000) ** 2;
  return { lowM3PerS: interpolateHeld(LOW_SCFH, areaMm2) * SCFH, highM3PerS: interpolateHeld(HIGH_SCFH, areaMm2) * SCFH };
}

/**
 * Nitrogen flow while brazing: 0.1 m/s in the widest bore, kept inside the trade's band for that bore.
 *
 * @returns [m3/s at room conditions]
 */
export function trickleFlowM3PerS(widestBoreM: number): number {
  const { lowM3PerS, highM3PerS } = trickleBand(widestBoreM);
  const wanted = WANTED_SPEED_M_PER_S * (Math.PI / 4) * widestBoreM ** 2;
  return Math.min(highM3PerS, Math.max(lowM3PerS, wanted));
}
