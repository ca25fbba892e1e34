/** How fast something changes, and how sure that is. */
export interface Trend {
  readonly perSecond: number;
  /** Error of the whole change over the time watched, from the readings' own scatter, in the reading's unit. */
  readonly scatter: number;
}

type Reading = readonly [seconds: number, value: number];

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
/** With fewer there is no scatter to speak of. */
const LEAST_FOR_SCATTER = 4;

function line(readings: readonly Reading[]) {
  const at = mean(readings.map(([s]) => s));
  const level = mean(readings.map(([, value]) => value));
  const spread = readings.reduce((sum, [s]) => sum + (s - at) ** 2, 0);
  const slope = readings.reduce((sum, [s, value]) => sum + (s - at) * (value - level), 0) / spread;
  return { slope, spread, left: readings.map(([s, value]) => value - level - slope * (s - at)) };
}

/** Readings that follow each other closely say less than as many apart: their scatter counts by so much more. */
function weighed(left: readonly number[]): number {
  const squares = left.reduce((sum, r) => sum + r * r, 0);
  if (left.length < LEAST_FOR_SCATTER || squares === 0) return 0;
  const neighbours = left.slice(1).reduce((sum, r, i) => sum + r * (left[i] ?? 0), 0);
  const alike = Math.min(Math.max(neighbours / squares, 0), 0.98);
  return Math.sqrt((squares / (left.length - 2)) * ((1 + alike) / (1 - alike)));
}

/**
 * The trend of readings: a line through all of them.
 *
 * @param readings  two or more, at rising seconds
 * @returns         change a second, and the error of the whole change over the time watched, in the readings' unit
 * @source          least squares; scatter weighed with its correlation from one reading to the next. The mean of the last tenth less that of
 *                  the first, the other usual way, never promises less: of all that is linear in the readings the line has the least variance
 *                  (Gauss-Markov)
 */
export function trend(readings: readonly Reading[]): Trend {
  const { slope, spread, left } = line(readings);
  const seconds = (readings.at(-1)?.[0] ?? 0) - (readings[0]?.[0] ?? 0);
  return { perSecond: slope, scatter: (weighed(left) * seconds) / Math.sqrt(spread) };
}
