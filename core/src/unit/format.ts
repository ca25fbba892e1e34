import {
  ABSOLUTE_PRESSURE_UNITS,
  fahrenheitFromCelsius,
  FLOW_UNITS,
  GAUGE_PRESSURE_UNITS,
  LENGTH_UNITS,
  MASS_UNITS,
  MM_PER_INCH,
  type GaugePascals,
} from './units';

/** What one person reads in. Never changes what is stored. */
export interface UnitPreferences {
  readonly length: 'metric' | 'inch';
  readonly pressure: 'psig' | 'bar' | 'kPa';
  readonly temperature: 'C' | 'F';
  readonly vacuum: 'micron' | 'Pa';
  readonly mass: 'lb-oz' | 'lb' | 'kg';
}

export const METRIC_PREFERENCES: UnitPreferences = { length: 'metric', pressure: 'kPa', temperature: 'C', vacuum: 'Pa', mass: 'kg' };
export const INCH_PREFERENCES: UnitPreferences = { length: 'inch', pressure: 'psig', temperature: 'F', vacuum: 'micron', mass: 'lb-oz' };

/** A number ready to be read, with its unit kept apart so that a screen can set it lighter. */
export interface Reading {
  readonly value: string;
  readonly unit: string;
}

const MINUS = '\u2212';

/** Fixed decimals with a true minus sign; never "-0". */
export function formatNumber(value: number, decimals: number): string {
  const text = Math.abs(value).toFixed(decimals);
  return value < 0 && Number(text) !== 0 ? `${MINUS}${text}` : text;
}

/** A reading in one piece: value, space, unit. */
export const readingText = (reading: Reading) => (reading.unit === '' ? reading.value : `${reading.value} ${reading.unit}`);

/** Lengths of a joint: millimetres to `decimals`, or inches to two decimals more. */
export function formatLength(lengthM: number, prefs: UnitPreferences, decimals = 1): Reading {
  if (prefs.length === 'metric') return { value: formatNumber(lengthM * 1000, decimals), unit: 'mm' };
  return { value: formatNumber(lengthM / LENGTH_UNITS.in, decimals + 2), unit: 'in' };
}

/** Lengths of a run: metres or feet. */
export function formatDistance(lengthM: number, prefs: UnitPreferences): Reading {
  if (prefs.length === 'metric') return { value: formatNumber(lengthM, 1), unit: 'm' };
  return { value: formatNumber(lengthM / 0.3048, 1), unit: 'ft' };
}

/** A temperature in whole degrees, °C or °F [°C given]. */
export function formatTemperature(celsius: number, prefs: UnitPreferences, decimals = 0): Reading {
  if (prefs.temperature === 'C') return { value: formatNumber(celsius, decimals), unit: '°C' };
  return { value: formatNumber(fahrenheitFromCelsius(celsius), decimals), unit: '°F' };
}

/** A difference of temperatures in whole K or °F [K given]: no offset is added. */
export function formatTemperatureDifference(kelvin: number, prefs: UnitPreferences): Reading {
  if (prefs.temperature === 'C') return { value: formatNumber(kelvin, 0), unit: 'K' };
  return { value: formatNumber((kelvin * 9) / 5, 0), unit: '°F' };
}

/** Pressures people read are gauge, as their instruments are: the unit says no more than those do. */
export function formatGaugePressure(pressure: GaugePascals, prefs: UnitPreferences): Reading {
  if (prefs.pressure === 'psig') return { value: formatNumber(pressure / GAUGE_PRESSURE_UNITS.psig, 0), unit: 'psig' };
  if (prefs.pressure === 'bar') return { value: formatNumber(pressure / GAUGE_PRESSURE_UNITS.barg, 1), unit: 'barg' };
  return { value: formatNumber(pressure / 1000, 0), unit: 'kPag' };
}

/** A vacuum: whole microns, or pascals to three figures [Pa given]. */
export function formatVacuum(pa: number, { vacuum }: UnitPreferences): Reading {
  if (vacuum === 'micron') return { value: formatNumber(pa / ABSOLUTE_PRESSURE_UNITS.micron, 0), unit: 'micron' };
  return { value: formatNumber(pa, pa < 10 ? 1 : 0), unit: 'Pa' };
}

/** Refrigerant: kilograms, or pounds and ounces with the decimal beside them, so that one is never read as the other [kg given]. */
export function formatMass(massKg: number, prefs: UnitPreferences): Reading {
  if (prefs.mass === 'kg')
    return massKg < 0.1 ? { value: formatNumber(massKg * 1000, 1), unit: 'g' } : { value: formatNumber(massKg, 2), unit: 'kg' };
  const pounds = massKg / MASS_UNITS.lb;
  if (prefs.mass === 'lb') return { value: formatNumber(pounds, 3), unit: 'lb' };
  return { value: poundsAndOunces(pounds), unit: '' };
}

/**
 * What leaks in a year, where "a year" is said elsewhere: kilograms, under 0.1 kg grams, so that what a hold sees is never 0.00; or pounds as a
 * decimal, which nobody weighs out [kg given].
 */
export function formatYearsLoss(kg: number, prefs: UnitPreferences, decimals = 1): Reading {
  if (prefs.mass !== 'kg') return { value: formatNumber(kg / MASS_UNITS.lb, kg < 0.01 ? decimals + 1 : decimals), unit: 'lb' };
  if (kg >= 0.1 || kg === 0) return { value: formatNumber(kg, decimals), unit: 'kg' };
  return { value: formatNumber(kg * 1000, kg < 0.01 ? 1 : 0), unit: 'g' };
}

/** The same with "a year" [kg a year given]. */
export function formatYearlyLoss(kgPerYear: number, prefs: UnitPreferences, decimals = 1): Reading {
  const { value, unit } = formatYearsLoss(kgPerYear, prefs, decimals);
  return { value, unit: `${unit} a year` };
}

/** `5 lb 2 oz`: ounces to the tenth, carried [kg given, not under 0]. */
export function poundsOunces(massKg: number): string {
  const tenths = Math.round((massKg / MASS_UNITS.lb) * 160);
  return `${Math.floor(tenths / 160)} lb ${(tenths % 160) / 10} oz`;
}

/** `5 lb 2 oz (5.125 lb)`: both ways, so that no decimal is read as ounces. */
function poundsAndOunces(pounds: number): string {
  const spelled = poundsOunces(Math.abs(pounds) * MASS_UNITS.lb);
  const sign = pounds < 0 && !spelled.startsWith('0 lb 0 oz') ? MINUS : '';
  return `${sign}${spelled} (${sign}${Math.abs(pounds).toFixed(3)} lb)`;
}

/** Filler and flux: always grams, which every scale on a bench shows. */
export const formatGrams = (massG: number): Reading => ({ value: formatNumber(massG, massG < 10 ? 2 : 1), unit: 'g' });

/** A flow of gas in L/min or cubic feet an hour [m3/s given, at the conditions the flowmeter is read at]. */
export function formatFlow(flowM3PerS: number, prefs: UnitPreferences): Reading {
  if (prefs.length === 'metric') return { value: formatNumber(flowM3PerS / FLOW_UNITS['L/min'], 1), unit: 'L/min' };
  return { value: formatNumber((flowM3PerS * 3600) / 0.028316846592, 1), unit: 'scfh' };
}

/** `34 s` under a minute and a half, `1:58 min` above, `8 min` when the seconds do not matter. */
export function formatDuration(seconds: number): Reading {
  const whole = Math.round(seconds);
  if (whole < 90) return { value: String(whole), unit: 's' };
  return { value: `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`, unit: 'min' };
}

const SIXTEENTHS = [2, 3, 4, 5, 6, 8, 10, 12, 14];

/** A wait as people plan by it: minutes to two hours, then hours, then days. */
export function formatWait(minutes: number): Reading {
  if (minutes <= 120) return { value: String(Math.ceil(minutes)), unit: 'min' };
  const hours = minutes / 60;
  return hours <= 48 ? { value: formatNumber(hours, 1), unit: 'h' } : { value: formatNumber(hours / 24, 1), unit: 'days' };
}

/** `7/8`, `1-1/8` when a length is a trade fraction of an inch within 0.06 mm, else null. */
export function tradeFraction(lengthM: number): string | null {
  const inches = lengthM / LENGTH_UNITS.in;
  const whole = Math.floor(inches + 1e-6);
  const rest = inches - whole;
  const sixteenth = [0, ...SIXTEENTHS, 15, 16].find((n) => Math.abs(rest - n / 16) * MM_PER_INCH < 0.06);
  return sixteenth === undefined ? null : inSixteenths(whole * 16 + sixteenth);
}

/** `1-1/8` of 18 sixteenths, `3/4` of 12, `2` of 32. */
function inSixteenths(count: number): string {
  const whole = Math.floor(count / 16);
  let top = count % 16;
  let bottom = 16;
  if (top === 0) return String(whole);
  while (top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return whole > 0 ? `${whole}-${top}/${bottom}` : `${top}/${bottom}`;
}

/** A length as it is read off a rule: whole millimetres, or inches to the nearest 1/16 and never less than one of them. */
export function formatOnRule(lengthM: number, prefs: UnitPreferences): Reading {
  if (prefs.length === 'metric') return formatLength(lengthM, prefs, 0);
  return { value: inSixteenths(Math.max(1, Math.round((lengthM / LENGTH_UNITS.in) * 16))), unit: 'in' };
}
