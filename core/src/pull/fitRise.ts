import type { RiseModel } from '../ledger/words';
import { linearFit, type LinearFit } from './leastSquares';

/** One reading of a rise. */
export interface RiseReading {
  /** Since the valve was shut. */
  readonly seconds: number;
  readonly pa: number;
}

export interface Interval {
  readonly low: number;
  readonly best: number;
  readonly high: number;
}

/** What the models say of a rise, with 95 % profile intervals. */
export interface FittedRise {
  /** The simplest that explains the readings as well as any. */
  readonly model: RiseModel;
  /** Where the curve stands without its straight part [Pa]: its plateau, or where a line begins. */
  readonly levelPa: number;
  /** The straight part [Pa/s]. */
  readonly straight: Interval;
  /** Where the curve goes [Pa]; `high` is infinite where nothing bounds it. */
  readonly plateau: Interval;
  /** An exponential beats the line by more than the noise. */
  readonly bends: boolean;
  /** A slow outgassing explains it as well as any straight part does. */
  readonly isLogAsGood: boolean;
  /** An exponential alone explains it as well as one with a straight part. */
  readonly isPlateauAsGood: boolean;
  /** Slopes of its halves [Pa/s], and the error of the last less `SPEEDS_UP` times the first. */
  readonly halves: { readonly first: number; readonly last: number; readonly error: number };
}

/** Chi-squared for one quantity at 95 %. */
const CHI_95 = 3.84;
/** A further term has to buy so much before it is believed, beyond what noise buys. Tried on simulated rises. */
const CHI_TERM = 6;
/** Noise never under this share of a reading: no gauge is better. Source: makers' sheets of thermal gauges, the best [L]. */
const LEAST_NOISE = 0.001;
/** Slow outgassing begins within this time [s]. */
const LOG_FROM_S = [2, 5, 10, 20, 40, 70, 120] as const;
/** Times of an exponential that are tried, as shares of the time watched; a straight part is told beside those up to `SLOWEST_BESIDE`. */
const TIMES = { least: 1 / 60, most: 40, count: 44 } as const;
const SLOWEST_BESIDE = 1;
/** By how much the last half has to be steeper than the first. */
export const SPEEDS_UP = 1.25;

const TAUS = Array.from({ length: TIMES.count }, (_, i) => TIMES.least * (TIMES.most / TIMES.least) ** (i / (TIMES.count - 1)));

interface Profiled {
  readonly fit: LinearFit;
  readonly tau: number;
}

/** The least step between two readings that differ: what the gauge shows at its finest. */
function stepOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  let least = Infinity;
  sorted.forEach((value, i) => {
    const step = value - (sorted[i - 1] ?? value);
    if (step > 1e-9 * value) least = Math.min(least, step);
  });
  return Number.isFinite(least) ? least : 0;
}

/** Of fits at several times, the bounds of one quantity: all that lies within the 95 % profile. */
function profile(fits: readonly Profiled[], of: readonly number[], scale: number): Interval {
  const best = fits.reduce((a, b) => (b.fit.left < a.fit.left ? b : a));
  const valueOf = ({ fit }: Profiled) => fit.found.reduce((sum, value, i) => sum + value * (of[i] ?? 0), 0);
  let [low, high] = [valueOf(best), valueOf(best)];
  for (const one of fits) {
    const room = best.fit.left + CHI_95 * scale - one.fit.left;
    if (room < 0) continue;
    const reach = Math.sqrt(room * one.fit.variance(of));
    [low, high] = [Math.min(low, valueOf(one) - reach), Math.max(high, valueOf(one) + reach)];
  }
  return { low, best: valueOf(best), high };
}

const leastLeft = (fits: readonly { readonly fit: LinearFit }[]): number => Math.min(...fits.map(({ fit }) => fit.left));

/** Fits at times of a grid, and at finer ones round the best of them. */
function refined(times: readonly number[], make: (tau: number) => LinearFit | null): readonly Profiled[] {
  const at = (list: readonly number[]): readonly Profiled[] =>
    list.flatMap((tau) => {
      const fit = make(tau);
      return fit ? [{ fit, tau }] : [];
    });
  let fits = at(times);
  for (let round = 0; round < ROUNDS && fits.length > 0; round += 1) {
    const best = fits.reduce((a, b, i) => (b.fit.left < (fits[a]?.fit.left ?? Infinity) ? i : a), 0);
    const [before, here, after] = [fits[best - 1], fits[best], fits[best + 1]].map((one) => one?.tau);
    const between = (from: number | undefined, to: number | undefined) =>
      from === undefined || to === undefined ? [] : PARTS.map((share) => from * (to / from) ** share);
    fits = [...fits, ...at([...between(before, here), ...between(here, after)])].sort((a, b) => a.tau - b.tau);
  }
  return fits;
}
const ROUNDS = 3;
const PARTS = [0.25, 0.5, 0.75] as const;

/** A rise with its time from 0 to 1. */
interface Scaled {
  readonly seconds: readonly number[];
  readonly values: readonly number[];
  readonly time: readonly number[];
  readonly watchedS: number;
}

const bent = ({ time }: Scaled, tau: number) => time.map((t) => 1 - Math.exp(-t / tau));
const slow = ({ time, watchedS }: Scaled, t0: number) => time.map((t) => Math.log(1 + (t * watchedS) / t0));

/** One over the variance of each reading, up to a factor: noise grows with the reading, and never is under its finest step. */
function weightsFor({ values }: Scaled, around: readonly number[]): readonly number[] {
  const step = stepOf(values);
  return around.map((pa) => 1 / (pa * pa + (step * step) / 12 / LEAST_NOISE ** 2));
}

/** The five models, each as well as it can be fitted. */
function fitModels(rise: Scaled, weights: readonly number[]) {
  const { time, values } = rise;
  const one = time.map(() => 1);
  const columns = (...all: readonly (readonly number[])[]) => linearFit([one, ...all], values, weights);
  const [flat, line] = [columns(), columns(time)];
  const plateau = refined(TAUS, (tau) => columns(bent(rise, tau)));
  const beside = TAUS.filter((tau) => tau <= SLOWEST_BESIDE);
  const both = refined(beside, (tau) => columns(bent(rise, tau), time));
  if (!flat || !line || both.length === 0 || plateau.length === 0) throw new Error('three readings at three times are fitted');
  return { flat, line, plateau, both, log: refined(LOG_FROM_S, (t0) => columns(slow(rise, t0))) };
}

const bestOf = (fits: readonly Profiled[]): Profiled => fits.reduce((a, b) => (b.fit.left < a.fit.left ? b : a));

/** The curve that runs through the readings: they are weighed by it, as low ones would draw it down. */
function smoothed(rise: Scaled, both: readonly Profiled[]): readonly number[] {
  const { fit, tau } = bestOf(both);
  const [a = 0, b = 0, c = 0] = fit.found;
  const bend = bent(rise, tau);
  const least = Math.min(...rise.values) / 2;
  return rise.time.map((t, i) => Math.max(a + b * (bend[i] ?? 0) + c * t, least));
}

/** What goes to its own end at first would hide that the rest speeds up. */
function withoutBend(rise: Scaled, both: readonly Profiled[]): readonly number[] {
  const { fit, tau } = bestOf(both);
  const gain = Math.max(fit.found[1] ?? 0, 0);
  const bend = bent(rise, tau);
  return rise.values.map((pa, i) => pa - gain * (bend[i] ?? 0));
}

function scaled(readings: readonly RiseReading[]): Scaled {
  const seconds = readings.map((reading) => reading.seconds);
  const from = seconds[0] ?? 0;
  const watchedS = (seconds.at(-1) ?? 0) - from;
  return { seconds, watchedS, values: readings.map(({ pa }) => pa), time: seconds.map((s) => (s - from) / watchedS) };
}

/**
 * Fits the five models of a rise.
 *
 * @param readings  three or more at rising seconds, above 0 Pa
 * @returns         which model, and intervals of level, straight part [Pa/s] and plateau [Pa]
 * @source          weighed least squares, times of the exponential on a grid (profile likelihood); noise grows with the reading, as a thermal
 *                  gauge's does
 */
export function fitRise(readings: readonly RiseReading[]): FittedRise {
  const rise = scaled(readings);
  const rough = fitModels(rise, weightsFor(rise, rise.values));
  const weights = weightsFor(rise, smoothed(rise, rough.both));
  const { line, plateau: plateaus, both, log } = fitModels(rise, weights);
  const [bestBoth, bestPlateau, bestLog] = [leastLeft(both), leastLeft(plateaus), leastLeft(log)];
  // Variance of a reading of weight one; never under what a gauge is good for.
  const scale = Math.max(bestBoth / Math.max(readings.length - 4, 1), LEAST_NOISE ** 2);
  const beats = (better: number, worse: number, terms = 1) => worse - better > CHI_TERM * terms * scale;

  const bends = beats(bestPlateau, line.left);
  const isPlateauAsGood = !beats(bestBoth, bestPlateau);
  const isLogAsGood = bends && !beats(Math.min(bestBoth, bestPlateau), bestLog);
  const isLine = !bends && !beats(bestBoth, line.left, 2);
  const perWatch = isLine ? profile([{ fit: line, tau: 0 }], [0, 1], scale) : profile(both, [0, 0, 1], scale);
  const model = ((): RiseModel => {
    if (isLine) return perWatch.low <= 0 && perWatch.high >= 0 ? 'flat' : 'line';
    if (isLogAsGood && bestLog <= bestPlateau) return 'log';
    return isPlateauAsGood ? 'plateau' : 'line-plateau';
  })();
  const [low, best, high] = [perWatch.low, perWatch.best, perWatch.high].map((value) => value / rise.watchedS);
  return {
    ...{ model, bends, isLogAsGood, isPlateauAsGood },
    levelPa: isLine ? (line.found[0] ?? 0) : profile(both, [1, 1, 0], scale).best,
    straight: { low: low ?? 0, best: best ?? 0, high: high ?? 0 },
    plateau: plateauOf(plateaus, scale),
    halves: halvesOf(rise.seconds, isLine ? rise.values : withoutBend(rise, both), weights, scale),
  };
}

/** The plateau's own bounds; without an upper one where the slowest curve that is tried fits as well as any. */
function plateauOf(fits: readonly Profiled[], scale: number): Interval {
  const bounds = profile(fits, [1, 1], scale);
  const slowest = fits.at(-1);
  const isOpen = slowest !== undefined && slowest.fit.left <= leastLeft(fits) + CHI_95 * scale;
  return isOpen ? { ...bounds, high: Infinity } : bounds;
}

function halvesOf(seconds: readonly number[], values: readonly number[], weights: readonly number[], scale: number) {
  const middle = ((seconds[0] ?? 0) + (seconds.at(-1) ?? 0)) / 2;
  const slope = (isIn: (s: number) => boolean) => {
    const at = seconds.flatMap((s, i) => (isIn(s) ? [i] : []));
    const fit = linearFit(
      [at.map(() => 1), at.map((i) => (seconds[i] ?? 0) - middle)],
      at.map((i) => values[i] ?? 0),
      at.map((i) => weights[i] ?? 0),
    );
    return { perS: fit?.found[1] ?? 0, variance: (fit?.variance([0, 1]) ?? 0) * scale };
  };
  const first = slope((s) => s <= middle);
  const last = slope((s) => s >= middle);
  return { first: first.perS, last: last.perS, error: Math.sqrt(last.variance + SPEEDS_UP ** 2 * first.variance) };
}
