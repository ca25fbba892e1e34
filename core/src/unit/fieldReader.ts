import { ALTITUDE_RANGE_M, standardAtmospherePressure } from '../atmosphere/standardAtmosphere';
import type { CalcError } from '../errors';
import {
  ABSOLUTE_PRESSURE_UNITS,
  AMBIGUOUS_PRESSURE_UNITS,
  absoluteFromGauge,
  absolutePascals,
  celsiusFromFahrenheit,
  celsiusFromKelvin,
  fahrenheitFromCelsius,
  FLOW_UNITS,
  GAUGE_PRESSURE_UNITS,
  gaugeFromAbsolute,
  gaugePascals,
  kelvinFromCelsius,
  LENGTH_UNITS,
  MASS_UNITS,
  POWER_UNITS,
  PRESSURE_DIFFERENCE_UNITS,
  SEA_LEVEL,
  TEMPERATURE_DIFFERENCE_UNITS,
  TEMPERATURE_UNITS,
  TIME_UNITS,
  VOLUME_UNITS,
  type AbsolutePascals,
  type GaugePascals,
  type Quantity,
} from './units';

export interface Range {
  readonly min: number;
  readonly max: number;
}

type UnitFactors = Readonly<Record<string, number>>;

/**
 * Reads quantities of a request into SI and remembers every field it could not read, so that a caller gets
 * all complaints at once and never a half-read request: check `errors` before using what was read (NaN until then).
 */
export class FieldReader {
  readonly errors: CalcError[] = [];
  atmosphere: AbsolutePascals = SEA_LEVEL;

  /** Local atmosphere from `atmosphere` (absolute) or `altitude`; both together are refused. */
  readAtmosphere(request: { atmosphere?: Quantity; altitude?: Quantity }): AbsolutePascals {
    if (request.atmosphere && request.altitude) this.errors.push({ kind: 'excludes', field: 'altitude', other: 'atmosphere' });
    if (request.atmosphere) this.atmosphere = this.absolutePressure('atmosphere', request.atmosphere, { min: 50_000, max: 110_000 });
    else if (request.altitude) {
      const altitudeM = this.lengthM('altitude', request.altitude, ALTITUDE_RANGE_M);
      const pressure = standardAtmospherePressure(altitudeM);
      if (pressure.ok) this.atmosphere = pressure.value;
    }
    return this.atmosphere;
  }

  lengthM(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, LENGTH_UNITS, range);
  }

  massKg(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, MASS_UNITS, range);
  }

  volumeM3(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, VOLUME_UNITS, range);
  }

  flowM3PerS(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, FLOW_UNITS, range);
  }

  timeS(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, TIME_UNITS, range);
  }

  powerW(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, POWER_UNITS, range);
  }

  temperatureDifferenceK(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, TEMPERATURE_DIFFERENCE_UNITS, range);
  }

  pressureDifferencePa(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, PRESSURE_DIFFERENCE_UNITS, range);
  }

  temperatureC(field: string, quantity: Quantity, range: Range): number {
    const value = this.finite(field, quantity);
    const scale = (TEMPERATURE_SCALES as Readonly<Record<string, TemperatureScale>>)[quantity.unit]; // cast: an unknown unit finds nothing
    if (!scale) return this.unknownUnit(field, quantity, TEMPERATURE_UNITS);
    return this.within(field, scale.toCelsius(value), range, { quantity, back: scale.fromCelsius });
  }

  absolutePressure(field: string, quantity: Quantity, range: Range): AbsolutePascals {
    const { absolute, back } = this.pressure(field, quantity);
    return absolutePascals(this.within(field, absolute, range, { quantity, back }));
  }

  gaugePressure(field: string, quantity: Quantity, range: Range): GaugePascals {
    const { absolute, back } = this.pressure(field, quantity);
    const gauge = gaugeFromAbsolute(absolutePascals(absolute), this.atmosphere);
    const shown = { quantity, back: (pa: number) => back(pa + this.atmosphere) };
    return gaugePascals(this.within(field, gauge, range, shown));
  }

  /** Of a figure that people read off a gauge or a plate: a bare Pa, kPa or bar could be either, and is refused. */
  plainGaugePressure(field: string, quantity: Quantity, range: Range): GaugePascals {
    if (!AMBIGUOUS_PRESSURE_UNITS.includes(quantity.unit)) return this.gaugePressure(field, quantity, range);
    this.errors.push({ kind: 'refused', field, reason: 'say-gauge-or-absolute', value: quantity.unit });
    return gaugePascals(Number.NaN);
  }

  number(field: string, value: number, range: Range, unit: string): number {
    return this.within(field, value, range, { quantity: { value, unit }, back: (same) => same });
  }

  /** Absolute pressure, and the way back into the unit it was sent in. */
  private pressure(field: string, quantity: Quantity): { absolute: number; back: (absolutePa: number) => number } {
    const value = this.finite(field, quantity);
    const absolute = (ABSOLUTE_PRESSURE_UNITS as UnitFactors)[quantity.unit];
    if (absolute !== undefined) return { absolute: value * absolute, back: (pa) => pa / absolute };
    const gauge = (GAUGE_PRESSURE_UNITS as UnitFactors)[quantity.unit];
    if (gauge !== undefined) {
      return { absolute: absoluteFromGauge(gaugePascals(value * gauge), this.atmosphere), back: (pa) => (pa - this.atmosphere) / gauge };
    }
    if (quantity.unit === 'psi') this.errors.push({ kind: 'refused', field, reason: 'gauge-difference', value: 'psi' });
    else this.unknownUnit(field, quantity, [...Object.keys(ABSOLUTE_PRESSURE_UNITS), ...Object.keys(GAUGE_PRESSURE_UNITS)]);
    return { absolute: Number.NaN, back: (pa) => pa };
  }

  private scaled(field: string, quantity: Quantity, factors: UnitFactors, range: Range): number {
    const value = this.finite(field, quantity);
    const factor = factors[quantity.unit];
    if (factor === undefined) return this.unknownUnit(field, quantity, Object.keys(factors));
    return this.within(field, value * factor, range, { quantity, back: (si) => si / factor });
  }

  private finite(field: string, quantity: Quantity): number {
    if (typeof quantity.value === 'number' && Number.isFinite(quantity.value)) return quantity.value;
    this.errors.push({ kind: 'not-a-number', field });
    return Number.NaN;
  }

  private unknownUnit(field: string, quantity: Quantity, allowed: readonly string[]): number {
    this.errors.push({ kind: 'unknown-unit', field, unit: quantity.unit, allowed });
    return Number.NaN;
  }

  /** The range is said in the unit that was sent. */
  private within(
    field: string,
    value: number,
    range: Range,
    { quantity, back }: { quantity: Quantity; back: (si: number) => number },
  ): number {
    if (Number.isNaN(value)) return value; // already reported by whoever made it NaN
    if (value >= range.min && value <= range.max) return value;
    const shown = { value: quantity.value, min: back(range.min), max: back(range.max), unit: quantity.unit };
    this.errors.push({ kind: 'out-of-range', field, ...shown });
    return Number.NaN;
  }
}

interface TemperatureScale {
  readonly toCelsius: (value: number) => number;
  readonly fromCelsius: (celsius: number) => number;
}

const TEMPERATURE_SCALES: Readonly<Record<(typeof TEMPERATURE_UNITS)[number], TemperatureScale>> = {
  C: { toCelsius: (value) => value, fromCelsius: (celsius) => celsius },
  F: { toCelsius: celsiusFromFahrenheit, fromCelsius: fahrenheitFromCelsius },
  K: { toCelsius: celsiusFromKelvin, fromCelsius: kelvinFromCelsius },
};
