import { amountPaPerK, nitrogenZ, pressureOfAmountPa } from '../nitrogen/realGas';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C } from '../unit/units';
import { readHold, type HoldSample, type ReadHold } from './readHold';
import { gramsPerYear } from './refrigerantLeak';
import type { HoldRequest } from './request';
import { BAROMETER_PA, secondsToSee, smallestSeenPaM3S, stepNoisePa, type HoldErrors } from './smallestSeen';
import { trend } from './trend';
import { type HoldVerdict } from '../ledger/words';

export { HOLD_VERDICTS, type HoldVerdict } from '../ledger/words';

export interface Hold {
  /** Of nitrogen, above 0 when gas is lost. */
  readonly leakPaM3S: number;
  readonly smallestSeenPaM3S: number;
  readonly verdict: HoldVerdict;
  /** More, until it could be told; 0 when it is, null where no time will do. */
  readonly minutesNeeded: number | null;
  /** The end's amount of gas at the temperature of the start [Pa absolute]. */
  readonly correctedEndPa: number;
  /** Of the service refrigerant, where one was named. */
  readonly gramsPerYear: number | null;
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
  const warmedK = (given.samples.at(-1)?.celsius ?? 0) - (given.samples[0]?.celsius ?? 0);
  return {
    noisePa: Math.max(stepNoisePa(given.gauge.resolutionPa), scatterPa),
    driftPaPerS: given.gauge.driftPaPerS,
    pressurePa,
    temperatureK: celsius + KELVIN_AT_0_C,
    temperatureErrorK: Math.hypot(given.temperatureUncertaintyK, given.unfollowedShare * warmedK),
    barometerPa: given.isGaugeSensor ? BAROMETER_PA : 0,
  };
}

function verdictOf(leak: number, seen: number, wanted: number | null): HoldVerdict {
  if (leak > seen) return 'leaking';
  if (leak < -seen) return 'cannot-tell'; // Gas that seems to grow proves nothing.
  return wanted === null || leak + seen < wanted ? 'tight' : 'cannot-tell';
}

/**
 * What a pressure hold with nitrogen proves.
 *
 * The amount of gas p / (Z T) is followed, not the pressure: a change of temperature is no leak.
 *
 * @param request  volume held, samples (above the atmosphere, up to 4.6 MPa absolute, -18..67 °C, at rising seconds), the gauge's step and its
 *                 drift a day, how far the thermometer may be off [K], the leak that is looked for [Pa m3/s]
 * @returns        leak and the smallest that could have been seen [Pa m3/s], the verdict, minutes more that are needed, the end's pressure at
 *                 the start's temperature [Pa absolute]; refused: fewer than two samples, samples out of order
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
  const leakPaM3S = -given.volumeM3 * perSecond;
  const seen = smallestSeenPaM3S(given.volumeM3, over.seconds, errors);
  const verdict = verdictOf(leakPaM3S, seen, given.wantedPaM3S);
  const around = { leakPaM3S, pressurePa: over.pressurePa, celsius: over.celsius, atmospherePa: read.atmosphere };
  return ok({
    ...{ leakPaM3S, smallestSeenPaM3S: seen, verdict },
    minutesNeeded: verdict === 'cannot-tell' ? minutesMore(leakPaM3S, given, { over, errors, seen }) : 0,
    correctedEndPa: pressureOfAmountPa(amountPaPerK(last.pressurePa, last.celsius), first.celsius),
    gramsPerYear: given.fluid && gramsPerYear(around, given.fluid),
  });
}

/** Until the hold sees either the leak there seems to be, or what is left between it and the leak that is looked for. */
function minutesMore(
  leak: number,
  given: ReadHold,
  { over, errors, seen }: { over: Held; errors: HoldErrors; seen: number },
): number | null {
  if (given.wantedPaM3S === null || leak < -seen) return null;
  const seconds = secondsToSee(Math.max(leak, given.wantedPaM3S - leak), given.volumeM3, errors);
  return seconds === null ? null : Math.max(0, seconds - over.seconds) / 60;
}
