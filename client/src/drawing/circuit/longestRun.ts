import type { Point } from '@kesto/core';

/** The longest straight run of a tube: where its arrow and its size stand. */
export function longestRun(points: readonly Point[]): { readonly mid: Point; readonly angle: number; readonly length: number } | null {
  const runs = points.slice(1).map((b, i) => {
    const a = points[i] ?? b;
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    return { mid: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }, angle: (Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI, length };
  });
  return runs.reduce<(typeof runs)[number] | null>((best, run) => (best && best.length >= run.length ? best : run), null);
}
