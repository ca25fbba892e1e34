import {
  parseDuration,
  parseFlow,
  parseGaugePressure,
  parseLength,
  parseMass,
  parseNumber,
  parsePressureDrop,
  parsePumpSpeed,
  parseTemperature,
  parseVacuum,
  parseWaterFlow,
  TIME_UNITS,
  type Quantity,
  type Result,
  type UnitPreferences,
} from '@kesto/core';

export type FieldKind =
  | 'length'
  | 'distance'
  | 'pressure'
  | 'temperature'
  | 'flow'
  | 'mass'
  | 'time'
  | 'minutes'
  | 'volume'
  | 'vacuum'
  | 'pump-speed'
  | 'water-flow'
  | 'drop'
  | 'number';

interface About {
  /** What the field is called in an error. */
  readonly key: string;
  readonly units: UnitPreferences;
}

const bare = (units: UnitPreferences) => units.length === 'metric';

/** A figure as it was typed; a bare number is in the person's own unit. */
export function readField(kind: FieldKind, text: string, { key, units }: About): Result<Quantity> {
  switch (kind) {
    case 'length':
      return parseLength(text, bare(units) ? 'mm' : 'in', key);
    case 'distance':
      return parseLength(text, bare(units) ? 'm' : 'ft', key);
    case 'pressure':
      return parseGaugePressure(text, units.pressure, key);
    case 'temperature':
      return parseTemperature(text, units.temperature, key);
    case 'flow':
      return parseFlow(text, bare(units) ? 'L/min' : 'scfh', key);
    case 'mass':
      return parseMass(text, key, units.mass === 'kg' ? 'kg' : null);
    case 'time':
      return parseDuration(text, key);
    case 'minutes':
      return inMinutes(parseDuration(text, key, 'min'));
    case 'volume':
      return plain(key, text.replace(/\s*(L|l|ft3)$/, ''), /ft3$/.test(text) ? 'ft3' : 'L');
    case 'vacuum':
      return parseVacuum(text, units.vacuum, key);
    case 'pump-speed':
      return parsePumpSpeed(text, bare(units) ? 'm3/h' : 'cfm', key);
    case 'water-flow':
      return parseWaterFlow(text, bare(units) ? 'L/min' : 'gpm', key);
    case 'drop':
      return parsePressureDrop(text, bare(units) ? 'kPa' : 'psi', key);
    case 'number':
      return plain(key, text, '');
  }
}

/** However it was typed: minutes. */
const inMinutes = (read: Result<Quantity>): Result<Quantity> =>
  read.ok
    ? {
        ok: true,
        value: {
          value:
            (read.value.value * ((TIME_UNITS as Readonly<Record<string, number>>)[read.value.unit] ?? TIME_UNITS.min)) / TIME_UNITS.min,
          unit: 'min',
        },
      }
    : read;

function plain(field: string, text: string, unit: string): Result<Quantity> {
  const value = parseNumber(text);
  return value === null
    ? { ok: false, errors: [{ kind: 'unreadable', field, text, examples: ['10', '2.5'] }] }
    : { ok: true, value: { value, unit } };
}
