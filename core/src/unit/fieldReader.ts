import { standardAtmospherePressure } from '../atmosphere/standardAtmosphere';
import type { CalcError } from '../errors';
import {
  ABSOLUTE_PRESSURE_UNITS,
  absoluteFromGauge,
  absolutePascals,
  celsiusFromFahrenheit,
  celsiusFromKelvin,
  FLOW_UNITS,
  GAUGE_PRESSURE_UNITS,
  gaugeFromAbsolute,
  gaugePascals,
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
      const altitudeM = this.scaled('altitude', request.altitude, { factors: LENGTH_UNITS, unit: 'm' }, { min: -500, max: 6000 });
      const pressure = standardAtmospherePressure(altitudeM);
      if (pressure.ok) this.atmosphere = pressure.value;
    }
    return this.atmosphere;
  }

  lengthM(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: LENGTH_UNITS, unit: 'm' }, range);
  }

  massKg(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: MASS_UNITS, unit: 'kg' }, range);
  }

  volumeM3(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: VOLUME_UNITS, unit: 'm3' }, range);
  }

  flowM3PerS(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: FLOW_UNITS, unit: 'm3/s' }, range);
  }

  timeS(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: TIME_UNITS, unit: 's' }, range);
  }

  powerW(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: POWER_UNITS, unit: 'W' }, range);
  }

  temperatureDifferenceK(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: TEMPERATURE_DIFFERENCE_UNITS, unit: 'K' }, range);
  }

  pressureDifferencePa(field: string, quantity: Quantity, range: Range): number {
    return this.scaled(field, quantity, { factors: PRESSURE_DIFFERENCE_UNITS, unit: 'Pa' }, range);
  }

  temperatureC(field: string, quantity: Quantity, range: Range): number {
    const value = this.finite(field, quantity);
    if (!TEMPERATURE_UNITS.some((known) => known === quantity.unit)) return this.unknownUnit(field, quantity, TEMPERATURE_UNITS);
    const celsius = quantity.unit === 'C' ? value : quantity.unit === 'F' ? celsiusFromFahrenheit(value) : celsiusFromKelvin(value);
    return this.within(field, celsius, range, '°C');
  }

  absolutePressure(field: string, quantity: Quantity, range: Range): AbsolutePascals {
    return absolutePascals(this.within(field, this.pressure(field, quantity), range, 'Pa absolute'));
  }

  gaugePressure(field: string, quantity: Quantity, range: Range): GaugePascals {
    const gauge = gaugeFromAbsolute(this.pressure(field, quantity), this.atmosphere);
    return gaugePascals(this.within(field, gauge, range, 'Pa gauge'));
  }

  number(field: string, value: number, range: Range, unit: string): number {
    return this.within(field, value, range, unit);
  }

  private pressure(field: string, quantity: Quantity): AbsolutePascals {
    const value = this.finite(field, quantity);
    const absolute = (ABSOLUTE_PRESSURE_UNITS as UnitFactors)[quantity.unit];
    if (absolute !== undefined) return absolutePascals(value * absolute);
    const gauge = (GAUGE_PRESSURE_UNITS as UnitFactors)[quantity.unit];
    if (gauge !== undefined) return absoluteFromGauge(gaugePascals(value * gauge), this.atmosphere);
    if (quantity.unit === 'psi') this.errors.push({ kind: 'refused', field, reason: 'gauge-difference', value: 'psi' });
    else this.unknownUnit(field, quantity, [...Object.keys(ABSOLUTE_PRESSURE_UNITS), ...Object.keys(GAUGE_PRESSURE_UNITS)]);
    return absolutePascals(Number.NaN);
  }

  private scaled(field: string, quantity: Quantity, { factors, unit }: { factors: UnitFactors; unit: string }, range: Range): number {
    const value = this.finite(field, quantity);
    const factor = factors[quantity.unit];
    if (factor === undefined) return this.unknownUnit(field, quantity, Object.keys(factors));
    return this.within(field, value * factor, range, unit);
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

  private within(field: string, value: number, range: Range, unit: string): number {
    if (Number.isNaN(value)) return value; // already reported by whoever made it NaN
    if (value >= range.min && value <= range.max) return value;
    this.errors.push({ kind: 'out-of-range', field, value, min: range.min, max: range.max, unit });
    return Number.NaN;
  }
}
