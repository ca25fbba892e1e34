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
  /** Of the gauge itself, warmed between start and end. */
  readonly gaugeWarmthPa: number;
  /** How the air around is known; it moves a gauge that is open to it. */
  readonly barometer: Barometer;
}

/** `none`: the sensor is closed to the air; `read`: a barometer was read at start and end; `weather`: nobody looked. */
export type Barometer = 'none' | 'read' | 'weather';

export const SECONDS_PER_DAY = 86_400;
const SECONDS_PER_HOUR = 3600;
/** A barometer that was read is right to this [Pa]. */
const READ_PA = 100;
/** The air's pressure moves so far [Pa] in so long [h]; between, evenly. Source: ordinary weather [M]. */
const WEATHER = { pa: 500, toH: 8, mostPa: 1000, fromH: 12 } as const;

/** How far the air's pressure may have moved in that time [Pa]. */
export function barometerPa(barometer: Barometer, seconds: number): number {
  if (barometer !== 'weather') return barometer === 'read' ? READ_PA : 0;
  const share = (seconds / SECONDS_PER_HOUR - WEATHER.toH) / (WEATHER.fromH - WEATHER.toH);
  return WEATHER.pa + (WEATHER.mostPa - WEATHER.pa) * Math.min(Math.max(share, 0), 1);
}

/** Two readings rounded to the gauge's step: the error of their difference [Pa]. Never averaged away: the same step rounds the same way. Source: rounding spreads evenly over one step, sigma = r / sqrt(12) a reading (JCGM 100, 4.3.7). */
export const stepNoisePa = (resolutionPa: number): number => (Math.SQRT2 * resolutionPa) / Math.sqrt(12);

/** What does not grow with the time watched, but for the weather. */
const standingPa = (errors: HoldErrors, seconds: number): number =>
  Math.hypot(
    errors.noisePa,
    (errors.pressurePa * errors.temperatureErrorK) / errors.temperatureK,
    errors.gaugeWarmthPa,
    barometerPa(errors.barometer, seconds),
  );

/**
 * The smallest leak that a hold could have seen: 2 V s / t, s from noise, drift, temperature, the gauge's own warmth and the barometer.
 *
 * @param volumeM3  held
 * @param seconds   watched, above 0
 * @returns         [Pa m3/s]
 * @source          two standard deviations of the fall of pressure, errors independent of each other
 */
export const smallestSeenPaM3S = (volumeM3: number, seconds: number, errors: HoldErrors): number =>
  (2 * volumeM3 * Math.hypot(standingPa(errors, seconds), errors.driftPaPerS * seconds)) / seconds;

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
  if (leakPaM3S <= 0 || hidden >= 1) return null;
  // The weather moves more the longer it is watched: the time settles from below, since a longer one never needs less.
  let seconds = 0;
  for (let i = 0; i < SETTLING_ROUNDS; i++) seconds = (perLeak * standingPa(errors, seconds)) / Math.sqrt(1 - hidden);
  return seconds;
}

const SETTLING_ROUNDS = 60;
