import { fail, ok, type Result } from '../result';
import type { Quantity } from './units';

const NUMBER = String.raw`[-+]?\d+(?:[.,]\d+)?`;
const FRACTION = new RegExp(String.raw`^([-+]?)(?:(\d+)(?:\s*-\s*|\s+))?(\d+)\s*/\s*(\d+)$`);
const DECIMAL = new RegExp(`^${NUMBER}$`);
const POUNDS_OUNCES = new RegExp(`^(${NUMBER})\\s*(?:lb|lbs|#)\\s*(${NUMBER})\\s*oz$`, 'i');

/** Reads `7/8`, `1-1/8`, `1 1/8`, `0.875`, `22,3`. Null when it is none of these. */
export function parseNumber(text: string): number | null {
  const trimmed = text.trim().replace(/^[−–]/, '-');
  if (DECIMAL.test(trimmed)) return Number(trimmed.replace(',', '.'));
  const fraction = FRACTION.exec(trimmed);
  if (!fraction) return null;
  const [, sign, whole, top, bottom] = fraction;
  if (Number(bottom) === 0) return null;
  const size = Number(whole ?? 0) + Number(top) / Number(bottom);
  return sign === '-' ? -size : size;
}

function splitUnit(text: string, spellings: Readonly<Record<string, string>>): { number: string; unit: string | null } {
  const lower = text.trim().toLowerCase();
  const suffix = Object.keys(spellings)
    .filter((spelling) => lower.endsWith(spelling))
    .sort((a, b) => b.length - a.length)[0];
  if (suffix === undefined) return { number: text.trim(), unit: null };
  return { number: text.trim().slice(0, text.trim().length - suffix.length), unit: spellings[suffix] ?? null };
}

interface TextRule {
  readonly field: string;
  readonly spellings: Readonly<Record<string, string>>;
  readonly bareUnit: string | null;
  readonly examples: readonly string[];
}

function parseWithUnit(text: string, rule: TextRule): Result<Quantity> {
  const { number, unit } = splitUnit(text, rule.spellings);
  const value = parseNumber(number);
  const resolved = unit ?? rule.bareUnit;
  if (value === null || resolved === null) {
    return fail({ kind: 'unreadable', field: rule.field, text, examples: rule.examples });
  }
  return ok({ value, unit: resolved });
}

const LENGTH_SPELLINGS = { mm: 'mm', m: 'm', in: 'in', inch: 'in', inches: 'in', '"': 'in', '″': 'in', ft: 'ft', "'": 'ft', '′': 'ft' };

const FEET_INCHES = /^(\d+)\s*(?:ft|'|′)\s*(\d[\d./ -]*)\s*(?:in|inch|inches|"|″)?$/i;

/** A length as people type it: `7/8`, `22 mm`, `12 ft 6 in`. A fraction without a unit is inches; a bare decimal is in `bareUnit`. */
export function parseLength(text: string, bareUnit: 'in' | 'mm' | 'm' | 'ft', field = 'length'): Result<Quantity> {
  const both = FEET_INCHES.exec(text.trim());
  const inches = both ? parseNumber(both[2] ?? '') : null;
  if (both && inches !== null && inches < 12) return ok({ value: Number(both[1]) * 12 + inches, unit: 'in' });
  const isFraction = text.includes('/');
  return parseWithUnit(text, {
    field,
    spellings: LENGTH_SPELLINGS,
    bareUnit: isFraction ? 'in' : bareUnit,
    examples: ['7/8', '1-1/8', '0.875 in', '22 mm'],
  });
}

const MASS_SPELLINGS = { kg: 'kg', g: 'g', lb: 'lb', lbs: 'lb', oz: 'oz' };

/** A mass. A bare number is kilograms where those are read; else it is refused: 5.10 could be pounds or pounds and ounces. */
export function parseMass(text: string, field = 'mass', bareUnit: 'kg' | null = null): Result<Quantity> {
  const examples = ['5lb 2oz', '5.125 lb', '2.32 kg'];
  const both = POUNDS_OUNCES.exec(text.trim());
  if (both) {
    const pounds = parseNumber(both[1] ?? '');
    const ounces = parseNumber(both[2] ?? '');
    if (pounds === null || ounces === null || ounces < 0 || ounces >= 16) return fail({ kind: 'unreadable', field, text, examples });
    return ok({ value: pounds + Math.sign(pounds || 1) * (ounces / 16), unit: 'lb' });
  }
  return parseWithUnit(text, { field, spellings: MASS_SPELLINGS, bareUnit, examples });
}

const PRESSURE_SPELLINGS = {
  psig: 'psig',
  psia: 'psia',
  barg: 'barg',
  'bar g': 'barg',
  'bar gauge': 'barg',
  bara: 'bara',
  'bar abs': 'bara',
  kpag: 'kPag',
  micron: 'micron',
  microns: 'micron',
};

/** A pressure. `kPa`, `MPa`, `bar` without a word are read as gauge, since that is what a gauge shows; `bar abs`, `psia` are absolute. */
export function parseGaugePressure(text: string, bareUnit: 'psig' | 'bar' | 'kPa', field = 'pressure'): Result<Quantity> {
  const examples = ['400 psig', '28 bar', '2800 kPa'];
  const explicit = parseWithUnit(text, { field, spellings: PRESSURE_SPELLINGS, bareUnit: null, examples });
  if (explicit.ok) return explicit;
  const gauge = parseWithUnit(text, {
    field,
    spellings: { mpa: 'MPa', kpa: 'kPa', 'kpa g': 'kPa', bar: 'bar', psi: 'psig' },
    bareUnit,
    examples,
  });
  if (!gauge.ok) return gauge;
  const { value, unit } = gauge.value;
  if (unit === 'psig') return ok({ value, unit: 'psig' });
  const bars = unit === 'MPa' ? value * 10 : unit === 'kPa' ? value / 100 : value;
  return ok({ value: bars, unit: 'barg' });
}

const TEMPERATURE_SPELLINGS = { '°c': 'C', c: 'C', '°f': 'F', f: 'F', k: 'K' };

/** A temperature; a bare number is in the person's own unit. */
export function parseTemperature(text: string, bareUnit: 'C' | 'F', field = 'temperature'): Result<Quantity> {
  return parseWithUnit(text, { field, spellings: TEMPERATURE_SPELLINGS, bareUnit, examples: ['-18 °C', '0 °F'] });
}

const FLOW_SPELLINGS = { 'l/min': 'L/min', lpm: 'L/min', 'l/s': 'L/s', 'm3/h': 'm3/h', scfh: 'scfh', cfm: 'cfm', gpm: 'gpm' };

/** A purge flow; a bare number is in the person's own unit. */
export function parseFlow(text: string, bareUnit: 'L/min' | 'scfh', field = 'flow'): Result<Quantity> {
  return parseWithUnit(text, { field, spellings: FLOW_SPELLINGS, bareUnit, examples: ['2.4 L/min', '5 scfh'] });
}

/** How much a pump moves; a bare number is in the person's own unit. */
export function parsePumpSpeed(text: string, bareUnit: 'm3/h' | 'cfm', field = 'speed'): Result<Quantity> {
  return parseWithUnit(text, { field, spellings: FLOW_SPELLINGS, bareUnit, examples: ['13.6 m3/h', '8 cfm'] });
}

/** A flow of water; a bare number is in the person's own unit. */
export function parseWaterFlow(text: string, bareUnit: 'L/min' | 'gpm', field = 'flow'): Result<Quantity> {
  return parseWithUnit(text, { field, spellings: FLOW_SPELLINGS, bareUnit, examples: ['42 L/min', '0.7 L/s', '11 gpm'] });
}

const DROP_SPELLINGS = { pa: 'Pa', kpa: 'kPa', bar: 'bar', mbar: 'mbar', psi: 'psi' };

/** A pressure drop, which is neither absolute nor gauge; a bare number is in the person's own unit. */
export function parsePressureDrop(text: string, bareUnit: 'kPa' | 'psi', field = 'drop'): Result<Quantity> {
  return parseWithUnit(text, { field, spellings: DROP_SPELLINGS, bareUnit, examples: ['18 kPa', '0.18 bar', '2.6 psi'] });
}

const VACUUM_SPELLINGS = { micron: 'micron', microns: 'micron', pa: 'Pa', mbar: 'mbar' };

/** A vacuum; a bare number is in the person's own unit. kPa, psia and gauge units are too coarse, and are not read. */
export function parseVacuum(text: string, bareUnit: 'micron' | 'Pa', field = 'vacuum'): Result<Quantity> {
  return parseWithUnit(text, { field, spellings: VACUUM_SPELLINGS, bareUnit, examples: ['500 micron', '67 Pa', '0.7 mbar'] });
}

const VOLUME_SPELLINGS = { l: 'L', litre: 'L', litres: 'L', m3: 'm3', 'm³': 'm3', ft3: 'ft3', 'ft³': 'ft3' };

/** A volume; a bare number is in `bareUnit`. */
export function parseVolume(text: string, bareUnit: 'L' | 'm3', field = 'volume'): Result<Quantity> {
  return parseWithUnit(text, { field, spellings: VOLUME_SPELLINGS, bareUnit, examples: ['10 L', '36 m3', '1200 ft3'] });
}

const TIME_SPELLINGS = { s: 's', sec: 's', min: 'min', h: 'h' };

const TWO_UNITS = /^(\d+)\s*(h|min)\s*([0-5]?\d)\s*(min|s|sec)?$/i;

/** A duration: `34 s`, `1:58` (minutes and seconds), `8 min`, `15 h 20`, `1 min 30 s`; a bare number is in `bareUnit`. */
export function parseDuration(text: string, field = 'time', bareUnit: 's' | 'min' = 's'): Result<Quantity> {
  const both = TWO_UNITS.exec(text.trim());
  if (both)
    return ok(
      both[2]?.toLowerCase() === 'h'
        ? { value: Number(both[1]) * 60 + Number(both[3]), unit: 'min' }
        : { value: Number(both[1]) * 60 + Number(both[3]), unit: 's' },
    );
  const clock = /^(\d+):([0-5]\d)$/.exec(text.trim());
  if (clock) return ok({ value: Number(clock[1]) * 60 + Number(clock[2]), unit: 's' });
  return parseWithUnit(text, { field, spellings: TIME_SPELLINGS, bareUnit, examples: ['34 s', '1:58', '8 min', '15 h 20'] });
}
