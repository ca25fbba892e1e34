import { amountPaPerK, nitrogenZ } from '../nitrogen/realGas';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C } from '../unit/units';
import type { Judged } from './judge';
import { readHold, type HoldSample, type ReadHold } from './readHold';
import { leakOfRunningGrams } from './refrigerantLeak';
import type { HoldRequest } from './request';
import { smallestSeenPaM3S, stepNoisePa, type HoldErrors } from './smallestSeen';
import { trend } from './trend';

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

/** What was held, in figures of the whole hold. */
export interface Held {
  readonly seconds: number;
  readonly pressurePa: number;
  readonly celsius: number;
  readonly zT: number;
}

function held(samples: readonly [HoldSample, ...HoldSample[]]): Held {
  const celsius = mean(samples.map((s) => s.celsius));
  const pressurePa = mean(samples.map((s) => s.pressurePa));
  const last = samples[samples.length - 1] ?? samples[0];
  return {
    ...{ seconds: last.seconds - samples[0].seconds, pressurePa, celsius },
    zT: nitrogenZ(pressurePa, celsius) * (celsius + KELVIN_AT_0_C),
  };
}

function errorsOf(given: ReadHold, { pressurePa, celsius }: Held, scatterPa: number): HoldErrors {
  const all = given.samples.map((sample) => sample.celsius);
  const movedK = Math.max(...all) - Math.min(...all);
  return {
    noisePa: Math.max(stepNoisePa(given.gauge.resolutionPa), scatterPa),
    driftPaPerS: given.gauge.driftPaPerS,
    pressurePa,
    temperatureK: celsius + KELVIN_AT_0_C,
    temperatureErrorK: Math.hypot(given.temperatureUncertaintyK, given.unfollowedShare * movedK, sunErrorK(given.samples)),
    gaugeWarmthPa: given.gauge.perKelvinPa * movedK,
    barometer: given.barometer,
  };
}

/** How far the gas may have been warmed otherwise than half way between sun and shade: by half of what their difference changed [K]. */
function sunErrorK(samples: readonly HoldSample[]): number {
  const all = samples.map(({ sunK }) => sunK);
  return (Math.max(...all) - Math.min(...all)) / 2;
}

/** Where nothing else is wanted: a hold that cannot see this share of the charge in a year says nothing about a repair. Trade habit: editable. */
export const WANTED_SHARE_A_YEAR = 0.1;
export interface Around {
  readonly pressurePa: number;
  readonly celsius: number;
  readonly atmospherePa: number;
}

function wantedOf({ wantedPaM3S, chargeKg, fluid, running }: ReadHold, seen: Around): number | null {
  if (wantedPaM3S !== null || chargeKg === null || !fluid) return wantedPaM3S;
  return leakOfRunningGrams(WANTED_SHARE_A_YEAR * chargeKg * 1000, { seen, fluid, running });
}

/** What a hold's readings come to, before anything is judged of them. */
export interface Analysed {
  readonly given: ReadHold;
  readonly over: Held;
  readonly errors: HoldErrors;
  readonly around: Around;
  readonly judged: Judged;
  /** Amounts of gas as pressures at the hold's mean warmth: seconds, Pa. */
  readonly amounts: readonly (readonly [seconds: number, pa: number])[];
}

/** A hold read and analysed; refused by the field that cannot be. */
export function analyse(request: HoldRequest): Result<Analysed> {
  const read = new FieldReader();
  const given = readHold(request, read);
  const [first, ...rest] = given.samples;
  if (read.errors.length > 0 || !first || rest.length === 0) return fail(...read.errors);
  const over = held([first, ...rest]);
  const amounts = given.samples.map((s) => [s.seconds, amountPaPerK(s.pressurePa, s.celsius) * over.zT] as const);
  const { perSecond, scatter } = trend(amounts);
  const errors = errorsOf(given, over, scatter);
  const around = { pressurePa: over.pressurePa, celsius: over.celsius, atmospherePa: read.atmosphere };
  const judged: Judged = {
    ...{ leakPaM3S: -given.volumeM3 * perSecond, seenPaM3S: smallestSeenPaM3S(given.volumeM3, over.seconds, errors) },
    ...{ wantedPaM3S: wantedOf(given, around), seconds: over.seconds },
    ...{ isSupplyShut: request.supplyShut !== false, isBeforeItsEnd: request.isBeforeItsEnd ?? false },
  };
  return ok({ given, over, errors, around, judged, amounts });
}
