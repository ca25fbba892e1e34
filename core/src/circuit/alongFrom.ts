import type { Point } from './layoutTypes';

/**
 * A point on a tube as it is drawn, so far from the first of its points; the middle of its first run at most.
 *
 * @param points    of the tube, from the end it is counted from
 * @param distance  in the units of the points
 */
export function alongFrom(points: readonly Point[], distance: number): Point {
  const [a, b] = points;
  if (!a || !b) return { x: 0, y: 0 };
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const share = Math.min(distance / length, 0.5);
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}
