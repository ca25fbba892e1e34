/** What a reading's error is made of. Pressures in Pa, temperatures in K. */
export interface HoldErrors {
  /** Of the fall of pressure between start and end, from the gauge's step and the scatter of its readings. */
  readonly noisePa: number;
  readonly driftPaPerS: number;
  /** Absolute. */
  readonly pressurePa: number;
  readonly temperatureK: number;
  /** Of the difference of the gas's temperature between start and end. */
  readonly temperatureErrorK: number;
  /** Of the air around, for a gauge that is open to it. */
  readonly barometerPa: number;
}

/** The air's pressure moves so far during a hold, and a gauge sensor with it [Pa]. Judgement: an ordinary day's weather. */
export const BAROMETER_PA = 500;
export const SECONDS_PER_DAY = 86_400;

/** Two readings rounded to the gauge's step: the error of their difference [Pa]. Never averaged away: the same step rounds the same way. Source: rounding spreads evenly over one step, sigma = r / sqrt(12) a reading (JCGM 100, 4.3.7). */
export const stepNoisePa = (resolutionPa: number): number => (Math.SQRT2 * resolutionPa) / Math.sqrt(12);

/** What does not grow with the time watched. */
const standingPa = (errors: HoldErrors): number =>
  Math.hypot(errors.noisePa, (errors.pressurePa * errors.temperatureErrorK) / errors.temperatureK, errors.barometerPa);

/**
 * The smallest leak that a hold could have seen: 2 V s / t, s from noise, drift, temperature and barometer.
 *
 * @param volumeM3  held
 * @param seconds   watched, above 0
 * @returns         [Pa m3/s]
 * @source          two standard deviations of the fall of pressure, errors independent of each other
 */
export const smallestSeenPaM3S = (volumeM3: number, seconds: number, errors: HoldErrors): number =>
  (2 * volumeM3 * Math.hypot(standingPa(errors), errors.driftPaPerS * seconds)) / seconds;

/**
 * Seconds after which a hold with these errors sees a leak of that size.
 *
 * @param leakPaM3S  looked for [Pa m3/s], above 0
 * @param volumeM3   held [m3]
 * @returns          [s]; null where the gauge's drift alone hides it, however long it is watched
 * @source           `smallestSeenPaM3S` solved for the time
 */
export function secondsToSee(leakPaM3S: number, volumeM3: number, errors: HoldErrors): number | null {
  const perLeak = (2 * volumeM3) / leakPaM3S;
  const hidden = (perLeak * errors.driftPaPerS) ** 2;
  return leakPaM3S > 0 && hidden < 1 ? (perLeak * standingPa(errors)) / Math.sqrt(1 - hidden) : null;
}
