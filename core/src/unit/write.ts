import type { UnitPreferences } from './format';
import { fahrenheitFromCelsius, GAUGE_PRESSURE_UNITS, LENGTH_UNITS, MASS_UNITS, type GaugePascals } from './units';

const figure = (value: number) => String(Number(value.toPrecision(7)));

/**
 * A gauge pressure as text for a field in which it is put right: seven figures, so that what is left alone reads back the same.
 *
 * @param pressure  [Pa gauge], any
 * @returns         in the person's own unit, such as `150 barg`; `parseGaugePressure` reads it
 */
export function writeGaugePressure(pressure: GaugePascals, prefs: UnitPreferences): string {
  if (prefs.pressure === 'psig') return `${figure(pressure / GAUGE_PRESSURE_UNITS.psig)} psig`;
  if (prefs.pressure === 'bar') return `${figure(pressure / GAUGE_PRESSURE_UNITS.barg)} barg`;
  return `${figure(pressure / GAUGE_PRESSURE_UNITS.kPag)} kPag`;
}

/**
 * A temperature as text for a field in which it is put right: seven figures.
 *
 * @param celsius  [°C], any
 * @returns        in the person's own unit, such as `-18 °C`; `parseTemperature` reads it
 */
export const writeTemperature = (celsius: number, prefs: UnitPreferences): string =>
  prefs.temperature === 'F' ? `${figure(fahrenheitFromCelsius(celsius))} °F` : `${figure(celsius)} °C`;

/**
 * A height or a long run as text for a field in which it is put right: seven figures.
 *
 * @param metres  [m], any
 * @returns       in the person's own unit, such as `120 m` or `394 ft`; `parseLength` reads it
 */
export const writeDistance = (metres: number, prefs: UnitPreferences): string =>
  prefs.length === 'metric' ? `${figure(metres)} m` : `${figure(metres / LENGTH_UNITS.ft)} ft`;

/**
 * A mass as text for a field in which it is put right: seven figures, always with its unit.
 *
 * @param massKg  [kg], any
 * @returns       `3.2 kg` or `7.054792 lb`, by the person's own unit; `parseMass` reads it
 */
export const writeMass = (massKg: number, prefs: UnitPreferences): string =>
  prefs.mass === 'kg' ? `${figure(massKg)} kg` : `${figure(massKg / MASS_UNITS.lb)} lb`;

/**
 * A time as text for a field in which it is put right.
 *
 * @param seconds  [s], whole
 * @returns        `34 s` or `2 min 10 s`; `parseDuration` reads it
 */
export const writeTime = (seconds: number): string => {
  const rest = seconds % 60;
  if (seconds < 90) return `${figure(seconds)} s`;
  return `${Math.floor(seconds / 60)} min${rest > 0 ? ` ${figure(rest)} s` : ''}`;
};
