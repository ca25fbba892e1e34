import type { CircuitLayout, Point } from '@kesto/core';
import type { Placed } from './place';

/** A straight piece of a drawn tube. */
export interface TubeRun {
  readonly link: number;
  readonly from: Point;
  readonly to: Point;
}

/** Every straight piece of every tube, as it stands on the screen's drawing. */
export const tubeRuns = ({ links }: CircuitLayout, view: Placed): readonly TubeRun[] =>
  links.flatMap(({ index, points }) => {
    const at = points.map(view.at);
    return at.slice(1).map((to, i) => ({ link: index, from: at[i] ?? to, to }));
  });

function distance({ from, to }: TubeRun, p: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length2 = dx * dx + dy * dy;
  const along = length2 === 0 ? 0 : Math.max(0, Math.min(1, ((p.x - from.x) * dx + (p.y - from.y) * dy) / length2));
  return Math.hypot(p.x - from.x - along * dx, p.y - from.y - along * dy);
}

/** The tubes that lie within so far of a point, nearest first. */
export function tubesUnder(runs: readonly TubeRun[], p: Point, within: number): readonly number[] {
  const near = runs.map((run) => ({ link: run.link, away: distance(run, p) })).filter(({ away }) => away <= within);
  return [...new Set(near.toSorted((a, b) => a.away - b.away).map(({ link }) => link))];
}
