export type Point = readonly [x: number, y: number];

/** Straight lines between the points of a table (x rising); the end rows are held beyond the table. */
export function interpolateHeld(points: readonly Point[], x: number): number {
  const first = points[0];
  const last = points[points.length - 1];
  if (!first || !last) throw new Error('an empty table cannot be interpolated');
  if (x <= first[0]) return first[1];
  if (x >= last[0]) return last[1];
  const upper = points.findIndex(([px]) => px >= x);
  const [x1, y1] = points[upper] ?? last;
  const [x0, y0] = points[upper - 1] ?? first;
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}

/** Mean of a tabled property between two arguments, by the trapezium rule on a 10-unit grid. */
export function meanBetween(points: readonly Point[], from: number, to: number): number {
  if (to === from) return interpolateHeld(points, from);
  const steps = Math.max(1, Math.ceil(Math.abs(to - from) / 10));
  let sum = 0;
  for (let i = 0; i <= steps; i++) {
    const weight = i === 0 || i === steps ? 0.5 : 1;
    sum += weight * interpolateHeld(points, from + ((to - from) * i) / steps);
  }
  return sum / steps;
}
