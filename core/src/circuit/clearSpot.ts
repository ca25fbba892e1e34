import type { Point } from './layoutTypes';

/**
 * How far a point lies from a straight run of tube.
 *
 * @returns  in the units of the points; from its nearer end where it lies beyond it
 */
export function distanceToRun(at: Point, a: Point, b: Point): number {
  const length2 = (b.x - a.x) ** 2 + (b.y - a.y) ** 2;
  const share = length2 === 0 ? 0 : Math.min(1, Math.max(0, ((at.x - a.x) * (b.x - a.x) + (at.y - a.y) * (b.y - a.y)) / length2));
  return Math.hypot(at.x - a.x - share * (b.x - a.x), at.y - a.y - share * (b.y - a.y));
}

/**
 * Where words beside a point of a drawing stand clear of its tubes.
 *
 * @param spots  where they may stand, the one that is liked best first
 * @param tubes  each as the points it is drawn through
 * @param clear  so far from every tube is far enough, in the units of the points
 * @returns      the first spot that is clear; where none is, the one furthest from a tube
 */
export function clearSpot(spots: readonly [Point, ...Point[]], tubes: readonly (readonly Point[])[], clear: number): Point {
  const away = (spot: Point) =>
    Math.min(...tubes.flatMap((points) => points.slice(1).map((b, i) => distanceToRun(spot, points[i] ?? b, b))), Number.POSITIVE_INFINITY);
  return spots.find((spot) => away(spot) >= clear) ?? spots.reduce((best, spot) => (away(spot) > away(best) ? spot : best), spots[0]);
}
