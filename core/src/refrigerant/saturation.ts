import { refrigerantName } from './safetyClasses';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C, type Quantity } from '../unit/units';
import data from './refrigerants.json';

/** One refrigerant as fitted: series in Chebyshev polynomials over the range. */
interface RefrigerantRow {
  readonly rangeC: readonly number[];
  readonly lnBubblePa: readonly number[];
  readonly lnDewPa: readonly number[] | null;
  readonly liquidKgPerL: readonly number[];
  readonly lnVapourKgPerM3: readonly number[];
  readonly molarMassGPerMol: number;
  readonly vapourViscosity25CMicroPaS: number;
}

const ROWS = data.refrigerants as unknown as Readonly<Record<string, RefrigerantRow>>; // cast: the file's rows differ only in which are null

export const SATURATION_NAMES: readonly string[] = Object.keys(ROWS);

/** Sum of c_k T_k(x), by Clenshaw's recurrence. */
function chebyshev(coefficients: readonly number[], x: number): number {
  let [b1, b2] = [0, 0];
  for (let k = coefficients.length - 1; k >= 1; k--) [b1, b2] = [2 * x * b1 - b2 + (coefficients[k] ?? 0), b1];
  return x * b1 - b2 + (coefficients[0] ?? 0);
}

/** Saturation of one refrigerant. Temperatures in °C, pressures in Pa absolute. */
export class Saturation {
  private readonly row: RefrigerantRow;
  private readonly lowK: number;
  private readonly highK: number;

  private constructor(row: RefrigerantRow) {
    this.row = row;
    this.lowK = (row.rangeC[0] ?? 0) + KELVIN_AT_0_C;
    this.highK = (row.rangeC[1] ?? 0) + KELVIN_AT_0_C;
  }

  static of(name: string): Saturation | null {
    const row = ROWS[name];
    return row ? new Saturation(row) : null;
  }

  get rangeC(): { min: number; max: number } {
    return { min: this.lowK - KELVIN_AT_0_C, max: this.highK - KELVIN_AT_0_C };
  }

  get molarMassGPerMol(): number {
    return this.row.molarMassGPerMol;
  }

  /** Of the dilute vapour at 25 °C. */
  get vapourViscosityPaS(): number {
    return this.row.vapourViscosity25CMicroPaS * 1e-6;
  }

  private inverse(celsius: number): number {
    const [lo, hi] = [1 / this.lowK, 1 / this.highK];
    return (2 / (celsius + KELVIN_AT_0_C) - (lo + hi)) / (lo - hi);
  }

  bubblePa(celsius: number): number {
    return Math.exp(chebyshev(this.row.lnBubblePa, this.inverse(celsius)));
  }

  dewPa(celsius: number): number {
    return this.row.lnDewPa ? Math.exp(chebyshev(this.row.lnDewPa, this.inverse(celsius))) : this.bubblePa(celsius);
  }

  liquidKgPerL(celsius: number): number {
    const y = (2 * (celsius + KELVIN_AT_0_C) - this.lowK - this.highK) / (this.highK - this.lowK);
    return chebyshev(this.row.liquidKgPerL, y);
  }

  vapourKgPerM3(celsius: number): number {
    return Math.exp(chebyshev(this.row.lnVapourKgPerM3, this.inverse(celsius)));
  }

  bubbleC(pressurePa: number): number | null {
    return this.temperatureAt(pressurePa, (c) => this.bubblePa(c));
  }

  dewC(pressurePa: number): number | null {
    return this.temperatureAt(pressurePa, (c) => this.dewPa(c));
  }

  /** The curves rise everywhere, so bisection cannot miss; null outside the range. */
  private temperatureAt(pressurePa: number, curve: (celsius: number) => number): number | null {
    let { min: low, max: high } = this.rangeC;
    if (!(pressurePa >= curve(low) && pressurePa <= curve(high))) return null;
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (curve(middle) < pressurePa) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  }
}

export interface SaturationRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly refrigerant: string;
  readonly temperature?: Quantity;
  readonly pressure?: Quantity;
}

interface Densities {
  readonly glideK: number;
  readonly liquidKgPerL: number;
  readonly vapourKgPerM3: number;
}
export type SaturationAnswer =
  ({ readonly bubblePa: number; readonly dewPa: number } & Densities) | ({ readonly bubbleC: number; readonly dewC: number } & Densities);

/** The refrigerant by name, or the error that names those there are. */
export function readRefrigerant(name: string, read: FieldReader): Saturation | null {
  const saturation = Saturation.of(refrigerantName(name) ?? name);
  if (!saturation) read.errors.push({ kind: 'unknown-word', field: 'refrigerant', word: name, allowed: SATURATION_NAMES });
  return saturation;
}

/** Whether the engine knows how this refrigerant boils, by either of its namings. */
export const isTabled = (name: string): boolean => Saturation.of(refrigerantName(name) ?? '') !== null;

/** A pressure at which this fluid boils somewhere [Pa absolute]; one above the critical point is refused by that word. */
export function readSaturationPressure(field: string, pressure: Quantity, fluid: Saturation, read: FieldReader): number {
  const { min, max } = fluid.rangeC;
  const pa = read.absolutePressure(field, pressure, { min: fluid.bubblePa(min), max: MOST_PA });
  if (!(pa > fluid.dewPa(max))) return pa;
  read.errors.push({ kind: 'refused', field, reason: 'above-critical-point' });
  return Number.NaN;
}

/** No gauge of a refrigerant circuit reads more [Pa]. */
const MOST_PA = 20e6;

/**
 * Saturation at a temperature or at a pressure.
 *
 * @param request  refrigerant and either `temperature` (-60 °C to some kelvin under the critical point) or `pressure`
 * @returns        pressures [Pa absolute] or temperatures [°C] of bubble and dew; glide [K] at the bubble pressure (at the dew pressure near
 *                 the range's end); density of the boiling liquid [kg/L] and of the vapour at the dew point [kg/m3]. Outside the range: refused
 * @accuracy       fit within 0.03 % of the equations of state; those 0.1-0.3 %, blends with R-1234yf 0.5-1 %
 * @source         Helmholtz-energy equations of state (CoolProp 8.0.0, MIT licence), fitted as Chebyshev series
 */
export function saturation(request: SaturationRequest): Result<SaturationAnswer> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const fluid = readRefrigerant(request.refrigerant, read);
  if ((request.temperature === undefined) === (request.pressure === undefined)) {
    read.errors.push(
      request.pressure
        ? { kind: 'excludes', field: 'pressure', other: 'temperature' }
        : { kind: 'missing', field: 'temperature', needed: 'temperature-or-pressure' },
    );
  }
  if (!fluid) return fail(...read.errors);
  const answer = request.temperature ? atTemperature(fluid, request.temperature, read) : atPressure(fluid, request.pressure, read);
  return answer && read.errors.length === 0 ? ok(answer) : fail(...read.errors);
}

function atTemperature(fluid: Saturation, temperature: Quantity, read: FieldReader): SaturationAnswer | null {
  const c = read.temperatureC('temperature', temperature, fluid.rangeC);
  if (Number.isNaN(c)) return null;
  const [bubblePa, dewPa] = [fluid.bubblePa(c), fluid.dewPa(c)];
  const [dewC, bubbleC] = [fluid.dewC(bubblePa), fluid.bubbleC(dewPa)];
  const glideK = dewC !== null ? dewC - c : bubbleC !== null ? c - bubbleC : 0;
  return { bubblePa, dewPa, glideK, liquidKgPerL: fluid.liquidKgPerL(c), vapourKgPerM3: fluid.vapourKgPerM3(c) };
}

function atPressure(fluid: Saturation, pressure: Quantity | undefined, read: FieldReader): SaturationAnswer | null {
  if (!pressure) return null;
  const pa = readSaturationPressure('pressure', pressure, fluid, read);
  const [bubbleC, dewC] = [fluid.bubbleC(pa), fluid.dewC(pa)];
  if (bubbleC === null || dewC === null) return null;
  return { bubbleC, dewC, glideK: dewC - bubbleC, liquidKgPerL: fluid.liquidKgPerL(bubbleC), vapourKgPerM3: fluid.vapourKgPerM3(dewC) };
}
