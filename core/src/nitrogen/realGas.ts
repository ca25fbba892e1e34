import { KELVIN_AT_0_C } from '../unit/units';

/** Where the series for Z holds: temperature [°C] and absolute pressure [Pa]. */
export const NITROGEN_RANGE = { celsius: { min: -18, max: 60 }, mostPa: 16e6 } as const;

/** a_ij of Z = 1 + sum a_ij P^i h^j, i = 1..4 by row, j = 0..3 by column; P in MPa absolute, h = (T - 293.15 K) / 100. */
const Z_SERIES = [
  [-2.409678e-3, 9.093244e-3, -6.619581e-3, 3.454793e-3],
  [2.288589e-4, -1.44777e-4, -2.834293e-5, 1.188173e-4],
  [3.017511e-6, -1.104153e-5, 1.871373e-5, -1.917637e-5],
  [-9.839815e-8, 2.609363e-7, -3.979071e-7, 3.912202e-7],
] as const;

/**
 * Compressibility factor Z = p v / (R T) of nitrogen as a test gas; the same for nitrogen with 5 % hydrogen.
 *
 * @param pressurePa  absolute, 0..16 MPa
 * @param celsius     -18..60 °C
 * @accuracy          0.0001
 * @source            reference equation of state (CoolProp 8.0.0), fitted
 */
export function nitrogenZ(pressurePa: number, celsius: number): number {
  const p = pressurePa / 1e6;
  const h = (celsius - 20) / 100;
  return 1 + Z_SERIES.reduce((sum, [a, b, c, d], i) => sum + p ** (i + 1) * (a + b * h + c * h ** 2 + d * h ** 3), 0);
}

/** Viscosity of nitrogen [Pa s]: 17.6 µPa s at 20 °C, 0.045 more a kelvin, 1 % more a megapascal (absolute). Source: reference equation of state. */
export const nitrogenViscosityPaS = (pressurePa: number, celsius: number): number =>
  (17.6 + 0.045 * (celsius - 20)) * 1e-6 * (1 + 0.01 * (pressurePa / 1e6));

/** Amount of gas a volume holds at a pressure and temperature, over R: p / (Z T) [Pa/K]. */
export const amountPaPerK = (pressurePa: number, celsius: number): number =>
  pressurePa / (nitrogenZ(pressurePa, celsius) * (celsius + KELVIN_AT_0_C));

/** Pressure at which a closed volume of nitrogen holds that amount [Pa absolute]; Z moves slowly with pressure, so it settles in some rounds. */
export function pressureOfAmountPa(amount: number, celsius: number): number {
  let pressurePa = amount * (celsius + KELVIN_AT_0_C);
  for (let i = 0; i < 30; i++) pressurePa = amount * nitrogenZ(pressurePa, celsius) * (celsius + KELVIN_AT_0_C);
  return pressurePa;
}
