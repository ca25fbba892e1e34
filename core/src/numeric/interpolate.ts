export type Point = readonly [x: number, y: number];

/** Straight lines between the points of a table (x rising); the end rows are held beyond the table. */
export function interpolateHeld(points: readonly Point[], x: number): number {
  const first = points[0];
  const last = points[points.length - 1];
  if (!first || !last) throw new Error('an empty table cannot be interpolated');
  if (x <= first[0]) return first[1];
  if (x >= last[0]) return last[1];
  let upper = 1;
  while ((points[upper] ?? last)[0] < x) upper++;
  const before = points[upper - 1] ?? first;
  const after = points[upper] ?? last;
  return before[1] + ((after[1] - before[1]) * (x - before[0])) / (after[0] - before[0]);
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
