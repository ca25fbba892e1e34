import { NITROGEN_RANGE, nitrogenViscosityPaS } from '../nitrogen/realGas';
import { refrigerantName } from '../refrigerant/safetyClasses';
import { Saturation } from '../refrigerant/saturation';
import { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C, type Quantity } from '../unit/units';
import type { HeldSide } from './request';

const GAS_CONSTANT = 8.314462618;
const SECONDS_PER_YEAR = 365.25 * 86_400;

/** What the test gas did, and around what. */
interface SeenLeak {
  readonly leakPaM3S: number;
  readonly pressurePa: number;
  readonly celsius: number;
  readonly atmospherePa: number;
}

/** Liquid that stands at the leak flashes on its way out: so many times more gets out than of vapour. Judgement: computed, 4 to 5. */
const LIQUID_TIMES = 4.5;
/** Saturation of a side with the machine running, where nobody says [°C]. Trade habit: editable. */
const RUNNING_C: Readonly<Record<HeldSide, number>> = { high: 45, liquid: 45, low: 20 };

/** Grams a year, for one pascal cubic metre a second of the test gas at the hold's temperature; null where nothing pushes out, or above the critical point. */
function gramsPerLeak(seen: Omit<SeenLeak, 'leakPaM3S'>, fluid: Saturation, saturationC: number): number | null {
  const { min, max } = fluid.rangeC;
  if (saturationC < min || saturationC > max) return null;
  const pushes = fluid.dewPa(saturationC) ** 2 - seen.atmospherePa ** 2;
  const pushed = seen.pressurePa ** 2 - seen.atmospherePa ** 2;
  if (pushes <= 0 || pushed <= 0) return null;
  const molesPerS = 1 / (GAS_CONSTANT * (seen.celsius + KELVIN_AT_0_C));
  const thinner = nitrogenViscosityPaS(seen.pressurePa, seen.celsius) / fluid.vapourViscosityPaS;
  return molesPerS * fluid.molarMassGPerMol * thinner * (pushes / pushed) * SECONDS_PER_YEAR;
}

const timesLeak = (perLeak: number | null, leakPaM3S: number) => (perLeak === null ? null : Math.max(perLeak * leakPaM3S, 0));

/**
 * Grams of refrigerant a year that get out of the standing machine where nitrogen gets out at that rate: viscous flow of vapour, ideal gas.
 *
 * @param seen   nitrogen's leak [Pa m3/s], its pressure [Pa absolute], the temperature [°C], the air [Pa]
 * @param fluid  the refrigerant at its own dew pressure at that temperature
 * @returns      [g/year], never under 0; null where its pressure does not push out, or the temperature lies outside its table
 * @accuracy     a vapour leak; where liquid stands at the leak 4 to 5 times more
 * @source       Q M / (R T) (mu_N2 / mu_r) (p1^2 - p2^2)_r / (p1^2 - p2^2)_N2: viscous flow through a fine channel
 */
export const gramsPerYear = ({ leakPaM3S, ...seen }: SeenLeak, fluid: Saturation): number | null =>
  timesLeak(gramsPerLeak(seen, fluid, seen.celsius), leakPaM3S);

/** Where what was held stands in service. */
export interface Running {
  readonly side: HeldSide;
  /** Saturation of that side [°C]; the usual one where nobody says. */
  readonly saturationC: number | null;
}

function runningPerLeak(seen: Omit<SeenLeak, 'leakPaM3S'>, fluid: Saturation, { side, saturationC }: Running): number | null {
  const vapour = gramsPerLeak(seen, fluid, saturationC ?? RUNNING_C[side]);
  return vapour === null ? null : vapour * (side === 'liquid' ? LIQUID_TIMES : 1);
}

/**
 * As {@link gramsPerYear}, with the machine running: at the saturation of its side, and more where liquid stands at the leak. Rough.
 *
 * @returns  [g/year]; null above the critical point as well: there the high side's pressure would have to be known
 * @source   as above; 4.5 times for liquid [M] computed
 */
export const gramsPerYearRunning = ({ leakPaM3S, ...seen }: SeenLeak, fluid: Saturation, running: Running): number | null =>
  timesLeak(runningPerLeak(seen, fluid, running), leakPaM3S);

/** The leak of nitrogen through which so many grams a year would get out of the running machine [Pa m3/s]; null where none does. */
export function leakOfRunningGrams(
  grams: number,
  { seen, fluid, running }: { seen: Omit<SeenLeak, 'leakPaM3S'>; fluid: Saturation; running: Running },
): number | null {
  const perLeak = runningPerLeak(seen, fluid, running);
  return perLeak === null ? null : grams / perLeak;
}

/** A hold as it is begun: what is in it in service, its pressure and temperature, the site. */
export interface WantedRequest {
  readonly refrigerant: string;
  readonly gramsPerYear: number;
  readonly pressure: Quantity;
  readonly temperature: Quantity;
  readonly altitude?: Quantity;
  /** Where what is held stands in service; the high side where nobody says. */
  readonly side?: HeldSide;
}

/**
 * The leak of nitrogen that a hold has to see, for a leak of so many grams of refrigerant a year from the running machine to be told.
 *
 * @returns  [Pa m3/s]; null for a refrigerant that is not known here, or a pressure or temperature at which nothing is pushed out
 * @source   the inverse of `gramsPerYearRunning`, which is linear in the leak
 */
export function wantedLeakPaM3S({
  refrigerant,
  gramsPerYear: wanted,
  pressure,
  temperature,
  altitude,
  side = 'high',
}: WantedRequest): number | null {
  const read = new FieldReader();
  const atmospherePa = read.readAtmosphere(altitude ? { altitude } : {});
  const pressurePa = read.absolutePressure('pressure', pressure, { min: atmospherePa, max: NITROGEN_RANGE.mostPa });
  const celsius = read.temperatureC('temperature', temperature, NITROGEN_RANGE.celsius);
  const fluid = Saturation.of(refrigerantName(refrigerant) ?? refrigerant);
  if (!fluid || read.errors.length > 0 || wanted <= 0) return null;
  return leakOfRunningGrams(wanted, { seen: { pressurePa, celsius, atmospherePa }, fluid, running: { side, saturationC: null } });
}
