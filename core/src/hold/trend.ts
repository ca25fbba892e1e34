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
 * The trend of readings: a line through all of them, or the mean of the last tenth less that of the first, whichever promises less error.
 *
 * @param readings  two or more, at rising seconds
 * @source          least squares; scatter weighed with its correlation from one reading to the next
 */
export function trend(readings: readonly Reading[]): Trend {
  const { slope, spread, left } = line(readings);
  const scatter = weighed(left);
  const seconds = (readings.at(-1)?.[0] ?? 0) - (readings[0]?.[0] ?? 0);
  const byLine = (scatter * seconds) / Math.sqrt(spread);
  const tenth = Math.max(1, Math.floor(readings.length / 10));
  const [first, last] = [readings.slice(0, tenth), readings.slice(-tenth)];
  const apart = mean(last.map(([s]) => s)) - mean(first.map(([s]) => s));
  const byEnds = (scatter * Math.sqrt(2 / tenth) * seconds) / apart;
  if (byLine <= byEnds) return { perSecond: slope, scatter: byLine };
  return { perSecond: (mean(last.map(([, v]) => v)) - mean(first.map(([, v]) => v))) / apart, scatter: byEnds };
}
