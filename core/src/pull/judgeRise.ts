import type { PullReason, PullVerdict, RiseModel } from '../ledger/words';
import { fitRise, SPEEDS_UP, type FittedRise, type RiseReading } from './fitRise';
import { micronPa, paPerS } from './units';

/** Trade habit, each editable by the shop; the maker's figure wins. Source: ENGINE thresholds [L]. */
export const RISE = {
  /** Least watched [s], and how many readings. */
  leastS: 600,
  leastReadings: 8,
  /** The straight part of a tight circuit at most; a leak's at least [Pa/s]. */
  tightPaPerS: paPerS(5),
  leakPaPerS: paPerS(3),
  /** Longest that is watched for a small leak [s]. */
  longS: 1800,
  /** Of a plateau: that of water at most times this. */
  aboveWater: 1.2,
  /** Share of water's pressure that a rise may be allowed; and that tells of water. */
  waterShare: 0.3,
  /** What warms raises its own pressure by so much of it a second at most: half a kelvin a minute and 9 % a kelvin over ice, a third over water. */
  iceWarmsPerS: 0.045 / 60,
  waterWarmsPerS: 0.02 / 60,
  /** What stands at a pressure of its own moves by less of it a second. */
  standsPerS: 0.002 / 60,
  /** Ice at its warmest, with what a gauge errs [Pa]. */
  iceMostPa: micronPa(5000),
  /** Where ice melts [Pa]: a plateau from here on tells of water. */
  meltingPa: micronPa(4100),
  /** What a used circuit with ester oil may flatten under [Pa]. */
  flattensPa: micronPa(1000),
} as const;

/** What a rise is judged by. */
export interface RiseFor {
  readonly readings: readonly RiseReading[];
  /** The rise that is allowed [Pa]: by the shop, at most. */
  readonly limitPa: number;
  /** Of water at the coldest wall [Pa]. */
  readonly waterPa: number;
  readonly coldestC: number;
  /** A used circuit with ester oil: it may flatten higher. */
  readonly mayFlatten: boolean;
  /** The gauge sits where the circuit is seen. */
  readonly seesCircuit: boolean;
  /** Nothing on it has moved since before the valve was shut, and nobody saw it move. */
  readonly isStuck: boolean;
}

export interface JudgedRise {
  readonly verdict: PullVerdict;
  readonly reasons: readonly PullReason[];
  readonly model: RiseModel | null;
  /** null for a line. */
  readonly plateauPa: number | null;
  /** null without a straight part. */
  readonly straightPaPerS: number | null;
  /** The lower of the shop's limit and what water allows [Pa]. */
  readonly limitUsedPa: number;
}

/** So many say as much as more: a logger's file of hours is judged at once. */
const MOST_FITTED = 800;

/** Every so many of them, the last among them. */
function evenly(readings: readonly RiseReading[]): readonly RiseReading[] {
  const every = Math.ceil(readings.length / MOST_FITTED);
  return every === 1 ? readings : readings.filter((_, i) => (readings.length - 1 - i) % every === 0);
}

const told = (verdict: PullVerdict, ...reasons: readonly PullReason[]) => ({ verdict, reasons });

/** Whether it stays under a limit over the time it has to be watched. */
const staysUnder = ({ levelPa, straight }: FittedRise, limitPa: number, watchedS: number): boolean =>
  levelPa + Math.max(straight.high, 0) * Math.max(RISE.leastS, watchedS) <= limitPa;

/** Water that warms goes on rising after it has come to its own pressure: as steeply as this, and no leak is told from it. */
function warmedPaPerS({ readings, coldestC }: RiseFor, levelPa: number): number {
  const endPa = readings.at(-1)?.pa ?? 0;
  if (coldestC >= 0) return RISE.waterWarmsPerS * levelPa;
  return endPa > RISE.iceMostPa ? 0 : RISE.iceWarmsPerS * endPa;
}

function judge(fit: FittedRise, rise: RiseFor, watchedS: number): Pick<JudgedRise, 'verdict' | 'reasons'> {
  const { straight, plateau, halves, bends, isLogAsGood, isPlateauAsGood } = fit;
  const capPa = RISE.waterShare * rise.waterPa;
  const flattens =
    rise.mayFlatten &&
    watchedS >= RISE.longS &&
    rise.coldestC >= 0 &&
    straight.low <= 0 &&
    Math.max(plateau.high, fit.levelPa) < Math.min(RISE.flattensPa, capPa);
  const isSlow = straight.high <= RISE.tightPaPerS;
  const within = (limitPa: number) => staysUnder(fit, limitPa, watchedS);
  const hasStraight = straight.low > RISE.leakPaPerS && !(bends && isPlateauAsGood);
  if ((within(Math.min(rise.limitPa, capPa)) || flattens) && isSlow) return told('tight-and-dry');
  if (within(rise.limitPa) && isSlow) return told('cannot-tell', 'too-cold');
  // Already where it goes to: there is no bend left to be seen.
  const stands = fit.levelPa >= Math.min(capPa, RISE.meltingPa) && fit.levelPa <= RISE.aboveWater * rise.waterPa;
  if (stands && Math.abs(straight.best) < RISE.standsPerS * fit.levelPa) return told('wet');
  if (hasStraight && !isLogAsGood) {
    if (bends && fit.levelPa >= Math.min(capPa, RISE.meltingPa) && straight.low < warmedPaPerS(rise, fit.levelPa))
      return told('cannot-tell');
    const speedsUp = halves.last - SPEEDS_UP * halves.first > halves.error;
    return speedsUp ? told('cannot-tell', 'speeds-up') : told('leak');
  }
  if (bends && plateau.low > RISE.aboveWater * rise.waterPa) return told('cannot-tell', 'above-water');
  const goesNowhere = isPlateauAsGood || straight.low <= RISE.leakPaPerS;
  if (bends && goesNowhere && Number.isFinite(plateau.high) && plateau.high >= Math.min(capPa, RISE.meltingPa)) return told('wet');
  return told('cannot-tell', ...(within(rise.limitPa) ? (['still-rising'] as const) : []));
}

/**
 * What a rise of pressure after the pump was shut off shows.
 *
 * @param rise  readings since the valve was shut [s, Pa], the rise allowed, water's pressure at the coldest wall
 * @returns     the verdict with its reasons, the model, plateau [Pa] and straight part [Pa/s]
 * @source      ENGINE 10: a leak goes straight on, water goes to its own pressure, a dry and tight circuit stays. Nobody can tell water held in
 *              oil from refrigerant leaving it by this curve alone
 */
export function judgeRise(rise: RiseFor): JudgedRise {
  const { readings } = rise;
  const watchedS = (readings.at(-1)?.seconds ?? 0) - (readings[0]?.seconds ?? 0);
  const limitUsedPa = Math.min(rise.limitPa, RISE.waterShare * rise.waterPa);
  const nothing = { model: null, plateauPa: null, straightPaPerS: null, limitUsedPa };
  if (readings.length < 3) return { ...told('cannot-tell', 'too-short'), ...nothing };
  const fit = fitRise(evenly(readings));
  const figures = {
    ...{ model: fit.model, limitUsedPa },
    plateauPa: fit.model === 'line' || fit.model === 'log' ? null : fit.model === 'flat' ? fit.levelPa : fit.plateau.best,
    straightPaPerS: fit.model === 'line' || fit.model === 'line-plateau' ? fit.straight.best : null,
  };
  if (watchedS < RISE.leastS || readings.length < RISE.leastReadings) return { ...told('cannot-tell', 'too-short'), ...figures };
  if (rise.isStuck) return { ...told('cannot-tell', 'does-not-move'), ...figures };
  const judged = judge(fit, rise, watchedS);
  const needsCircuit = judged.verdict === 'tight-and-dry' || judged.verdict === 'wet';
  return { ...(needsCircuit && !rise.seesCircuit ? told('cannot-tell', 'gauge-place') : judged), ...figures };
}
