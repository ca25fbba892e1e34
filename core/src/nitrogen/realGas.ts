import { KELVIN_AT_0_C } from '../unit/units';

/** Where the series for Z holds: temperature [°C] and absolute pressure [Pa]. */
export const NITROGEN_RANGE = { celsius: { min: -18, max: 67 }, mostPa: 4.6e6 } as const;

/**
 * Compressibility factor Z = p v / (R T) of nitrogen as a test gas.
 *
 * @param pressurePa  absolute, 0..4.6 MPa
 * @param celsius     -18..67 °C
 * @accuracy          0.00007
 * @source            reference equation of state (CoolProp 8.0.0), fitted
 */
export function nitrogenZ(pressurePa: number, celsius: number): number {
  const p = pressurePa / 1e6;
  const h = (celsius - 20) / 100;
  const first = -0.0024267 + 0.0091997 * h - 0.0068039 * h ** 2 + 0.0034213 * h ** 3;
  const second = 0.00024434 - 0.00020754 * h + 0.000082519 * h ** 2;
  return 1 + p * first + p ** 2 * second;
}

/** Viscosity of nitrogen [Pa s]: 17.6 µPa s at 20 °C, 0.045 more a kelvin, 1 % more a megapascal (absolute). Source: reference equation of state. */
export const nitrogenViscosityPaS = (pressurePa: number, celsius: number): number =>
  (17.6 + 0.045 * (celsius - 20)) * 1e-6 * (1 + 0.01 * (pressurePa / 1e6));

/** Amount of gas a volume holds at a pressure and temperature, over R: p / (Z T) [Pa/K]. */
export const amountPaPerK = (pressurePa: number, celsius: number): number =>
  pressurePa / (nitrogenZ(pressurePa, celsius) * (celsius + KELVIN_AT_0_C));

/** Pressure at which a closed volume of nitrogen holds that amount [Pa absolute]; Z hardly moves with pressure, so it settles in a few rounds. */
export function pressureOfAmountPa(amount: number, celsius: number): number {
  let pressurePa = amount * (celsius + KELVIN_AT_0_C);
  for (let i = 0; i < 8; i++) pressurePa = amount * nitrogenZ(pressurePa, celsius) * (celsius + KELVIN_AT_0_C);
  return pressurePa;
}
