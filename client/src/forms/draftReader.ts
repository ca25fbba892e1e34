import { calcErrorText } from '@kesto/contract/wording';
import {
  parseFlow,
  parseGaugePressure,
  parseLength,
  parseMass,
  parseNumber,
  parseTemperature,
  parsePressureDrop,
  parseVolume,
  parseWaterFlow,
  type Quantity,
  type Result,
  type UnitPreferences,
} from '@kesto/core';

/** Reads what was typed and remembers which figures could not be read. An empty figure is none. */
export class DraftReader {
  readonly problems: Record<string, string> = {};
  constructor(private readonly units: UnitPreferences) {}

  length(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parseLength(t, this.units.length === 'metric' ? 'mm' : 'in', field));
  }

  /** Of a line, or above the sea: metres or feet. */
  distance(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parseLength(t, this.units.length === 'metric' ? 'm' : 'ft', field));
  }

  mass(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parseMass(t, field, this.units.mass === 'kg' ? 'kg' : null));
  }

  temperature(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parseTemperature(t, this.units.temperature, field));
  }

  pressure(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parseGaugePressure(t, this.units.pressure, field));
  }

  flow(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parseFlow(t, this.units.length === 'metric' ? 'L/min' : 'scfh', field));
  }

  waterFlow(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parseWaterFlow(t, this.units.length === 'metric' ? 'L/min' : 'gpm', field));
  }

  pressureDrop(field: string, text: string): Quantity | undefined {
    return this.typed(field, text, (t) => parsePressureDrop(t, this.units.length === 'metric' ? 'kPa' : 'psi', field));
  }

  volume(field: string, text: string, bare: 'L' | 'm3'): Quantity | undefined {
    return this.typed(field, text, (t) => parseVolume(t, bare, field));
  }

  number(field: string, text: string, example: string): number | undefined {
    if (text.trim() === '') return undefined;
    const value = parseNumber(text);
    if (value === null) this.problems[field] = `cannot be read; write it like ${example}`;
    return value ?? undefined;
  }

  private typed(field: string, text: string, parse: (text: string) => Result<Quantity>): Quantity | undefined {
    if (text.trim() === '') return undefined;
    const result = parse(text);
    if (result.ok) return result.value;
    const [error] = result.errors;
    if (error) this.problems[field] = calcErrorText(error);
    return undefined;
  }
}
