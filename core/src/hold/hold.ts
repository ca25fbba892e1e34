import { caution, stopsFirst, type Caution } from '../caution/table';
import { amountPaPerK, pressureOfAmountPa } from '../nitrogen/realGas';
import { ok, type Result } from '../result';
import type { HoldReason, HoldVerdict } from '../ledger/words';
import { analyse, WANTED_SHARE_A_YEAR, type Analysed, type Around, type Held } from './analyse';
import { judge, minutesMore, type Judged } from './judge';
import type { ReadHold } from './readHold';
import { gramsPerYear, gramsPerYearRunning } from './refrigerantLeak';
import type { HoldRequest } from './request';

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

/** Nobody knows one thermometer's error better than this [K]. Judgement. */
const SURE_K = 0.2;
/** A front that passes moves a gauge by 2 kPa: told of holds longer and lower than these. */
const FRONT = { longerS: 8 * 3600, underPa: 1e6 } as const;

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
  const analysed = analyse(request);
  return analysed.ok ? ok(holdOf(analysed.value)) : analysed;
}

/** What is told of a hold that was analysed. */
export function holdOf({ given, over, errors, around, judged }: Analysed): Hold {
  const [first] = given.samples;
  const last = given.samples.at(-1) ?? first;
  return {
    ...{ leakPaM3S: judged.leakPaM3S, smallestSeenPaM3S: judged.seenPaM3S, wantedLeakPaM3S: judged.wantedPaM3S },
    ...judge(judged),
    minutesNeeded: minutesMore(judged, given.volumeM3, errors),
    correctedEndPa: first && last ? pressureOfAmountPa(amountPaPerK(last.pressurePa, last.celsius), first.celsius) : Number.NaN,
    ...gramsOf(given, around, judged),
    cautions: cautionsOf(given, over, judged, around),
  };
}
