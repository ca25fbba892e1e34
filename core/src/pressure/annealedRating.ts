import type { Point } from '../numeric/interpolate';
import { interpolateHeld } from '../numeric/interpolate';
import { gaugePascals, type GaugePascals } from '../unit/units';
import { PRESSURE_DIFFERENCE_UNITS } from '../unit/units';

const PSI = PRESSURE_DIFFERENCE_UNITS.psi;

/** Allowable stress of annealed C12200 [psi] over metal temperature [°F]. Source: ASME B31.5; the value at 200 °F has been printed as 4800 and 4900. */
const ALLOWABLE_PSI_BY_F: readonly Point[] = [[100, 6000], [150, 5100], [200, 4900], [250, 4800], [300, 4700], [350, 4000], [400, 3000]]; // prettier-ignore

/** Hottest metal the stress table covers: 400 °F. */
export const HOTTEST_RATED_C = ((400 - 32) * 5) / 9;

/** Hottest metal the European figure stands for [°C]. */
const EN_HOTTEST_C = 100;
/** Tensile strength of annealed copper over the European factor of safety [Pa]: 200 / 3.5. */
const EN_STRESS_PA = 200e6 / 3.5;

interface Tube {
  readonly outsideM: number;
  readonly wallM: number;
  readonly wallMinusM: number;
  readonly outsidePlusM: number;
}

/** Allowable stress of annealed copper at a metal temperature [Pa]; held at its 100 °F value below that. Source: ASME B31.5 allowable stresses of annealed copper. */
export function annealedAllowableStressPa(metalC: number): number {
  return interpolateHeld(ALLOWABLE_PSI_BY_F, (metalC * 9) / 5 + 32) * PSI;
}

/**
 * Internal pressure that annealed copper tube may carry: brazing anneals drawn tube too, and the drawn value never comes back.
 *
 * @param tube    nominal outside diameter and wall with their tolerances [m]
 * @param metalC  hottest metal temperature [°C], up to 204
 * @returns       P = 2 S t_min / (OD_max - 0.8 t_min) [Pa gauge]; null above 204 °C, where the code has no stress
 * @accuracy      within 1 psi of the handbook's annealed ratings at 100 °F
 * @source        ASME B31.5, with least wall and largest outside diameter, no corrosion allowance
 */
export function annealedRating(tube: Tube, metalC: number): GaugePascals | null {
  if (!(metalC <= HOTTEST_RATED_C)) return null;
  const thinnest = tube.wallM - tube.wallMinusM;
  return gaugePascals((2 * annealedAllowableStressPa(metalC) * thinnest) / (tube.outsideM + tube.outsidePlusM - 0.8 * thinnest));
}

/**
 * The same by European practice, with one stress up to 100 °C.
 *
 * @returns  P = 2 S t_min / (OD_max - t_min) [Pa gauge], S = 200 MPa / 3.5; null above 100 °C
 * @accuracy as the least wall and largest diameter of the tube's standard
 * @source   EN 14276 form with Rm 200 MPa annealed and a factor of 3.5
 */
export function enRating(tube: Tube, metalC: number): GaugePascals | null {
  if (!(metalC <= EN_HOTTEST_C)) return null;
  const thinnest = tube.wallM - tube.wallMinusM;
  return gaugePascals((2 * EN_STRESS_PA * thinnest) / (tube.outsideM + tube.outsidePlusM - thinnest));
}
