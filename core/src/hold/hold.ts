import { caution, stopsFirst, type Caution } from '../caution/table';
import { amountPaPerK, nitrogenZ, pressureOfAmountPa } from '../nitrogen/realGas';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C } from '../unit/units';
import type { HoldReason, HoldVerdict } from '../ledger/words';
import { judge, minutesMore, type Judged } from './judge';
import { readHold, type HoldSample, type ReadHold } from './readHold';
import { gramsPerYear, gramsPerYearRunning, leakOfRunningGrams } from './refrigerantLeak';
import type { HoldRequest } from './request';
import { smallestSeenPaM3S, stepNoisePa, type HoldErrors } from './smallestSeen';
import { trend } from './trend';

export { HOLD_VERDICTS, type HoldReason, type HoldVerdict } from '../ledger/words';

export interface Hold {
  /** Of nitrogen, above 0 when gas is lost. */
  readonly leakPaM3S: number;
  readonly smallestSeenPaM3S: number;
  readonly verdict: HoldVerdict;
  readonly reasons: readonly HoldReason[];
  /** That the hold has to be able to see for `tight`; null where nothing says how small. */
  readonly wantedLeakPaM3S: number | null;
  /** More, until it could be told; 0 when it is, null where no time will do. */
  readonly minutesNeeded: number | null;
  /** The end's amount of gas at the temperature of the start [Pa absolute]. */
  readonly correctedEndPa: number;
  /** Of the service refrigerant, standing, where one was named; of what was seen to be lost, never under 0. */
  readonly gramsPerYear: number | null;
  /** The smallest leak that the hold could have seen, in the same measure. */
  readonly gramsPerYearSeen: number | null;
  /** As `gramsPerYear`, with the machine running. */
  readonly gramsPerYearRunning: number | null;
  readonly cautions: readonly Caution[];
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

/** What was held, in figures of the whole hold. */
interface Held {
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
const WANTED_SHARE_A_YEAR = 0.1;
/** Nobody knows one thermometer's error better than this [K]. Judgement. */
const SURE_K = 0.2;
/** A front that passes moves a gauge by 2 kPa: told of holds longer and lower than these. */
const FRONT = { longerS: 8 * 3600, underPa: 1e6 } as const;

interface Around {
  readonly pressurePa: number;
  readonly celsius: number;
  readonly atmospherePa: number;
}

function wantedOf({ wantedPaM3S, chargeKg, fluid, running }: ReadHold, seen: Around): number | null {
  if (wantedPaM3S !== null || chargeKg === null || !fluid) return wantedPaM3S;
  return leakOfRunningGrams(WANTED_SHARE_A_YEAR * chargeKg * 1000, { seen, fluid, running });
}

function gramsOf({ fluid, running }: ReadHold, around: Around, { leakPaM3S, seenPaM3S }: Judged) {
  const of = (leak: number) => fluid && gramsPerYear({ leakPaM3S: leak, ...around }, fluid);
  return {
    gramsPerYear: of(leakPaM3S),
    gramsPerYearSeen: of(seenPaM3S),
    gramsPerYearRunning: fluid && gramsPerYearRunning({ leakPaM3S, ...around }, fluid, running),
  };
}

function cautionsOf(given: ReadHold, { seconds, pressurePa }: Held, judged: Judged, around: Around): readonly Caution[] {
  const { chargeKg, fluid, running } = given;
  const seen = fluid && gramsPerYearRunning({ leakPaM3S: judged.seenPaM3S, ...around }, fluid, running);
  const isGross = chargeKg !== null && seen !== null && seen > WANTED_SHARE_A_YEAR * chargeKg * 1000;
  const isLongAndLow = seconds > FRONT.longerS && pressurePa - around.atmospherePa < FRONT.underPa;
  return stopsFirst([
    ...(given.temperatureUncertaintyK < SURE_K ? [caution('sure-thermometer')] : []),
    ...(isGross ? [caution('gross-leaks-only')] : []),
    ...(given.barometer === 'weather' && isLongAndLow ? [caution('front-passing')] : []),
  ]);
}

/**
 * What a pressure hold with nitrogen proves.
 *
 * The amount of gas p / (Z T) is followed, not the pressure: a change of temperature is no leak.
 *
 * @param request  volume held, samples (above the atmosphere, up to 16 MPa absolute, -18..60 °C, at rising seconds), the gauge's step, drift a
 *                 day, drift a kelvin or range, how far the thermometer may be off [K], the leak that is looked for [Pa m3/s] or the charge
 * @returns        leak and the smallest that could have been seen [Pa m3/s], the verdict with its reasons, minutes more that are needed, the
 *                 end's pressure at the start's temperature [Pa absolute], grams of refrigerant a year; refused: fewer than two samples, samples
 *                 out of order, another gas than nitrogen, alone or with a little hydrogen or helium
 * @accuracy       two standard deviations; the first 15 min after a change of pressure are not for this: the gas has not settled
 * @source         Q = -V Z T d(p / (Z T)) / dt with nitrogen's real Z
 */
export function hold(request: HoldRequest): Result<Hold> {
  const read = new FieldReader();
  const given = readHold(request, read);
  const [first, ...rest] = given.samples;
  const last = rest.at(-1);
  if (read.errors.length > 0 || !first || !last) return fail(...read.errors);
  const over = held([first, ...rest]);
  const amounts = given.samples.map((s) => [s.seconds, amountPaPerK(s.pressurePa, s.celsius) * over.zT] as const);
  const { perSecond, scatter } = trend(amounts);
  const errors = errorsOf(given, over, scatter);
  const around = { pressurePa: over.pressurePa, celsius: over.celsius, atmospherePa: read.atmosphere };
  const seenPaM3S = smallestSeenPaM3S(given.volumeM3, over.seconds, errors);
  const judged: Judged = {
    ...{ leakPaM3S: -given.volumeM3 * perSecond, seenPaM3S, wantedPaM3S: wantedOf(given, around) },
    ...{ seconds: over.seconds, isSupplyShut: request.supplyShut !== false, isBeforeItsEnd: request.isBeforeItsEnd ?? false },
  };
  return ok({
    ...{ leakPaM3S: judged.leakPaM3S, smallestSeenPaM3S: seenPaM3S, wantedLeakPaM3S: judged.wantedPaM3S },
    ...judge(judged),
    minutesNeeded: minutesMore(judged, given.volumeM3, errors),
    correctedEndPa: pressureOfAmountPa(amountPaPerK(last.pressurePa, last.celsius), first.celsius),
    ...gramsOf(given, around, judged),
    cautions: cautionsOf(given, over, judged, around),
  });
}
