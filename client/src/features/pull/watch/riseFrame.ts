import { scaleLinear } from 'd3-scale';
import { RISE } from '@kesto/core/pull';
import type { PointXY } from '@/chart/linePath';
import type { PullWatchWork } from './usePullWatch';

/** How quickly water comes to its own pressure, as it is drawn beside [s]; a leak is drawn so that it breaks the limit in this time [s]. */
const DRAWN = { waterS: 240, leakS: 420, points: 40 } as const;

/** What a rise is drawn among. */
export function riseFrame({ readings, pull, watchedS }: PullWatchWork) {
  const { limitPa: shopPa, waterPa } = pull.began.values;
  const limitPa = Math.min(shopPa, RISE.waterShare * waterPa);
  const points: readonly PointXY[] = readings.map(({ seconds, pa }) => [seconds, pa] as const);
  const endS = Math.max(RISE.leastS, watchedS) * 1.06;
  const from = points[0]?.[1] ?? limitPa / 4;
  const mostPa = Math.max(limitPa * 1.9, ...points.map(([, pa]) => pa * 1.1));
  // Closer together at first: there water goes up the steepest.
  const times = Array.from({ length: DRAWN.points + 1 }, (_, i) => endS * (i / DRAWN.points) ** 2);
  // Drawn beside only where they would go up from here.
  const within = (line: readonly PointXY[], isDrawn: boolean) => (isDrawn ? line.filter(([, pa]) => pa <= mostPa) : []);
  return {
    ...{ endS, mostPa, limitPa, waterPa, points },
    water: within(
      times.map((s) => [s, from + (waterPa - from) * (1 - Math.exp(-s / DRAWN.waterS))] as const),
      waterPa > from,
    ),
    leak: within(
      times.map((s) => [s, from + ((limitPa - from) * s) / DRAWN.leakS] as const),
      limitPa > from,
    ),
    minutes: scaleLinear([0, endS / 60], [0, 1]).ticks(6),
  };
}
