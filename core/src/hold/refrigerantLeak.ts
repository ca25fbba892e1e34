import { NITROGEN_RANGE, nitrogenViscosityPaS } from '../nitrogen/realGas';
import { refrigerantName } from '../refrigerant/safetyClasses';
import { Saturation } from '../refrigerant/saturation';
import { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C, type Quantity } from '../unit/units';

const GAS_CONSTANT = 8.314462618;
const SECONDS_PER_YEAR = 365.25 * 86_400;

/** What the test gas did, and around what. */
interface SeenLeak {
  readonly leakPaM3S: number;
  readonly pressurePa: number;
  readonly celsius: number;
  readonly atmospherePa: number;
}

/**
 * Grams of refrigerant a year that get out where nitrogen gets out at that rate: viscous flow of vapour, ideal gas.
 *
 * @param seen   nitrogen's leak [Pa m3/s], its pressure [Pa absolute], the temperature [°C], the air [Pa]
 * @param fluid  the refrigerant at its own dew pressure at that temperature
 * @returns      [g/year]; null where its pressure does not push out, or the temperature lies outside its table
 * @accuracy     a vapour leak; where liquid stands at the leak 4 to 5 times more
 * @source       Q M / (R T) (mu_N2 / mu_r) (p1^2 - p2^2)_r / (p1^2 - p2^2)_N2: viscous flow through a fine channel
 */
export function gramsPerYear(seen: SeenLeak, fluid: Saturation): number | null {
  const { min, max } = fluid.rangeC;
  if (seen.celsius < min || seen.celsius > max) return null;
  const pushes = fluid.dewPa(seen.celsius) ** 2 - seen.atmospherePa ** 2;
  const pushed = seen.pressurePa ** 2 - seen.atmospherePa ** 2;
  if (pushes <= 0 || pushed <= 0) return null;
  const molesPerS = seen.leakPaM3S / (GAS_CONSTANT * (seen.celsius + KELVIN_AT_0_C));
  const thinner = nitrogenViscosityPaS(seen.pressurePa, seen.celsius) / fluid.vapourViscosityPaS;
  return molesPerS * fluid.molarMassGPerMol * thinner * (pushes / pushed) * SECONDS_PER_YEAR;
}

/** A hold as it is begun: what is in it in service, its pressure and temperature, the site. */
export interface WantedRequest {
  readonly refrigerant: string;
  readonly gramsPerYear: number;
  readonly pressure: Quantity;
  readonly temperature: Quantity;
  readonly altitude?: Quantity;
}

/**
 * The leak of nitrogen that a hold has to see, for a leak of so many grams of refrigerant a year to be told.
 *
 * @returns  [Pa m3/s]; null for a refrigerant that is not known here, or a pressure or temperature at which nothing is pushed out
 * @source   the inverse of `gramsPerYear`, which is linear in the leak
 */
export function wantedLeakPaM3S({ refrigerant, gramsPerYear: wanted, pressure, temperature, altitude }: WantedRequest): number | null {
  const read = new FieldReader();
  const atmospherePa = read.readAtmosphere(altitude ? { altitude } : {});
  const pressurePa = read.absolutePressure('pressure', pressure, { min: atmospherePa, max: NITROGEN_RANGE.mostPa });
  const celsius = read.temperatureC('temperature', temperature, NITROGEN_RANGE.celsius);
  const fluid = Saturation.of(refrigerantName(refrigerant) ?? refrigerant);
  if (!fluid || read.errors.length > 0 || wanted <= 0) return null;
  const perLeak = gramsPerYear({ leakPaM3S: 1, pressurePa, celsius, atmospherePa }, fluid);
  return perLeak === null ? null : wanted / perLeak;
}
