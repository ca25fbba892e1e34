/** Factors to SI. Exact by definition, except `micron` (mercury at 0 °C, 133.322 Pa per mm). */
export const LENGTH_UNITS = { m: 1, mm: 0.001, in: 0.0254, ft: 0.3048 } as const;
/** A line on a drawing, or a rod's, is measured in millimetres by whoever reads in inches too. */
export const MM_PER_INCH = 25.4;
export const MASS_UNITS = { kg: 1, g: 0.001, lb: 0.45359237, oz: 0.45359237 / 16 } as const;
export const VOLUME_UNITS = { L: 0.001, m3: 1, ft3: 0.028316846592 } as const;
/** Volume flow at room conditions: 1 scfh = 0.4719 L/min. */
export const FLOW_UNITS = {
  ...{ 'L/min': 0.001 / 60, 'L/s': 0.001, 'm3/h': 1 / 3600 },
  ...{ scfh: 0.028316846592 / 3600, cfm: 0.028316846592 / 60, gpm: 0.003785411784 / 60 },
} as const;
export const LPM_PER_M3_PER_S = 60_000;
export const TIME_UNITS = { s: 1, min: 60, h: 3600 } as const;
export const POWER_UNITS = { W: 1, kW: 1000 } as const;
export const ABSOLUTE_PRESSURE_UNITS = {
  Pa: 1,
  kPa: 1000,
  bar: 100_000,
  bara: 100_000,
  mbar: 100,
  psia: 6894.757293168,
  micron: 0.133322387415,
} as const;
export const GAUGE_PRESSURE_UNITS = { psig: 6894.757293168, barg: 100_000, kPag: 1000 } as const;
/** Absolute by the book, gauge by the habit of whoever reads a gauge: refused where a gauge is read. */
export const AMBIGUOUS_PRESSURE_UNITS: readonly string[] = ['Pa', 'kPa', 'bar'];
export const PRESSURE_DIFFERENCE_UNITS = {
  Pa: 1,
  kPa: 1000,
  bar: 100_000,
  mbar: 100,
  psi: 6894.757293168,
  micron: 0.133322387415,
} as const;
export const TEMPERATURE_UNITS = ['C', 'F', 'K'] as const;
export const TEMPERATURE_DIFFERENCE_UNITS = { K: 1, Cd: 1, Fd: 5 / 9 } as const;

export const UNIT_NAMES = [
  ...Object.keys(LENGTH_UNITS),
  ...Object.keys(MASS_UNITS),
  ...Object.keys(VOLUME_UNITS),
  ...Object.keys(FLOW_UNITS),
  ...Object.keys(TIME_UNITS),
  ...Object.keys(POWER_UNITS),
  ...Object.keys(ABSOLUTE_PRESSURE_UNITS),
  ...Object.keys(GAUGE_PRESSURE_UNITS),
  'psi',
  'C',
  'F',
  'K',
  'Cd',
  'Fd',
] as const;

/** A number with its unit, as a person or a program gave it. */
export interface Quantity {
  readonly value: number;
  readonly unit: string;
}

declare const unit: unique symbol;
/** Pressure above vacuum [Pa]. */
export type AbsolutePascals = number & { readonly [unit]: 'Pa absolute' };
/** Pressure above the local atmosphere [Pa]. */
export type GaugePascals = number & { readonly [unit]: 'Pa gauge' };

/** A number of pascals that is meant above vacuum. */
export const absolutePascals = (value: number) => value as AbsolutePascals; // cast: the one place a number becomes this type
/** A number of pascals that is meant above the local atmosphere. */
export const gaugePascals = (value: number) => value as GaugePascals; // cast: the one place a number becomes this type

/** Standard atmosphere at sea level, where none is given. */
export const SEA_LEVEL = absolutePascals(101_325);

/** What a gauge shows of a pressure: p - p_atm [Pa gauge], both [Pa absolute]. Below 0 under vacuum. */
export function gaugeFromAbsolute(pressure: AbsolutePascals, atmosphere: AbsolutePascals): GaugePascals {
  return gaugePascals(pressure - atmosphere);
}

/** The pressure behind what a gauge shows: p_g + p_atm [Pa absolute]. */
export function absoluteFromGauge(pressure: GaugePascals, atmosphere: AbsolutePascals): AbsolutePascals {
  return absolutePascals(pressure + atmosphere);
}

/** A length that was read before, in metres; NaN for a unit that is none of length, so that it is near nothing. */
export const metresOf = ({ value, unit: name }: Quantity): number =>
  value * ((LENGTH_UNITS as Readonly<Record<string, number>>)[name] ?? Number.NaN); // cast: any word may stand there

export const KELVIN_AT_0_C = 273.15;
/** [K] -> [°C]. Source: SI Brochure, 9th ed., 2.3.1: t/°C = T/K - 273.15. */
export const celsiusFromKelvin = (kelvin: number) => kelvin - KELVIN_AT_0_C;
/** [°C] -> [K]. Source: as above. */
export const kelvinFromCelsius = (celsius: number) => celsius + KELVIN_AT_0_C;
/** [°C] -> [°F]. Source: NIST SP 811, B.8: t/°F = 1.8 t/°C + 32, exact. */
export const fahrenheitFromCelsius = (celsius: number) => (celsius * 9) / 5 + 32;
/** [°F] -> [°C]. Source: as above. */
export const celsiusFromFahrenheit = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9;
