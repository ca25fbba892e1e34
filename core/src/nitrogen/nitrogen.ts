import { interpolateHeld, type Point } from '../numeric/interpolate';

/** Density of nitrogen at 20 °C and one atmosphere [kg/m3]; viscosity there [Pa s]. */
export const NITROGEN = { densityKgPerM3: 1.165, viscosityPaS: 17.6e-6 } as const;

/** Z of nitrogen at 20 °C over pressure [MPa absolute]. Source: reference equation of state. */
const Z_AT_20_C: readonly Point[] = [[0, 1], [1, 0.998], [5, 0.994], [10, 1.001], [15, 1.021], [20, 1.052], [30, 1.14]]; // prettier-ignore

/** Compressibility factor of nitrogen at 20 °C, 0-30 MPa absolute, within 0.002. */
export const nitrogenZAt20C = (pressurePa: number) => interpolateHeld(Z_AT_20_C, pressurePa / 1e6);

/**
 * Gas in a cylinder at 20 °C as volume at room conditions.
 *
 * @returns V_w p / (p_atm Z) [m3]
 */
export const cylinderContentM3 = (waterVolumeM3: number, pressurePa: number, atmospherePa: number) =>
  (waterVolumeM3 * pressurePa) / (atmospherePa * nitrogenZAt20C(pressurePa));

/** Pressure at which a cylinder still holds `contentM3` (bisection; the content rises with pressure) [Pa absolute]. */
export function cylinderPressurePa(waterVolumeM3: number, contentM3: number, atmospherePa: number): number {
  let low = 0;
  let high = 40e6;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (cylinderContentM3(waterVolumeM3, middle, atmospherePa) < contentM3) low = middle;
    else high = middle;
  }
  return high;
}
