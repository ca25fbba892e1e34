import type { CircuitGraph } from './graph';
import type { LaidPart, Point } from './layoutTypes';
import type { SideWay } from './sideWays';

/** Parts on the sheet's upper and lower line lie along it; the others stand in its columns. */
export const lies = (part: LaidPart): boolean => part.flow === 'right' || part.flow === 'left';

interface Lines {
  readonly middle: number;
  /** Between a line and the lane inside of it. */
  readonly lane: number;
}

/** At what height a way beside the loop lies: level with the column it leaves or joins, in the lane inside a line it leaves and joins, else in the middle. */
export function bowHeight(from: LaidPart, to: LaidPart, { middle, lane }: Lines): number {
  if (!lies(from)) return from.y;
  if (!lies(to)) return to.y;
  return from.y === to.y ? from.y + (from.y < middle ? lane : -lane) : middle;
}

const key = (from: string, to: string) => `${from}>${to}`;

/** Tubes of ways that leave the loop and come back without a coil in them, and plain tubes between two of its parts. */
export function bowLinks(split: CircuitGraph, loop: readonly string[], ways: readonly SideWay[]): ReadonlySet<string> {
  const onWays = ways.flatMap(({ from, parts, to }) => {
    const way = to === null ? [] : [from, ...parts, to];
    return way.slice(1).map((id, i) => key(way[i] ?? '', id));
  });
  const round = new Set(loop.map((id, i) => key(id, loop[(i + 1) % loop.length] ?? id)));
  const plain = split.links.filter(({ from, to }) => loop.includes(from) && loop.includes(to) && !round.has(key(from, to)));
  return new Set([...onWays, ...plain.map(({ from, to }) => key(from, to))]);
}

export const isBow = (bows: ReadonlySet<string>, { from, to }: { readonly from: string; readonly to: string }): boolean =>
  bows.has(key(from, to));

/** A tube of a bow: it leaves lines upright and columns level, so that it does not lie on the loop's own tubes. */
export function bowRoute(from: LaidPart, to: LaidPart, onLoop: (id: string) => boolean, lines: Lines): readonly Point[] {
  if (onLoop(from.id) && onLoop(to.id)) {
    const y = bowHeight(from, to, lines);
    if (!lies(from) && !lies(to)) return throughMiddle(from, to, lines);
    return corners([from, { x: from.x, y }, { x: to.x, y }, to]);
  }
  if (onLoop(from.id)) return lies(from) ? corners([from, { x: from.x, y: to.y }, to]) : corners([from, { x: to.x, y: from.y }, to]);
  if (!onLoop(to.id)) return corners([from, { x: to.x, y: from.y }, to]);
  return lies(from) ? fromLevel(from, to, lines) : fromUpright(from, to);
}

/** The last tube of a bow whose parts stand beside each other. */
const fromLevel = (from: LaidPart, to: LaidPart, lines: Lines): readonly Point[] =>
  lies(to) ? corners([from, { x: to.x, y: from.y }, to]) : throughMiddle(from, to, lines);

/** The last tube of a bow whose parts stand above each other. */
function fromUpright(from: LaidPart, to: LaidPart): readonly Point[] {
  if (!lies(to)) return corners([from, { x: from.x, y: to.y }, to]);
  const y = (from.y + to.y) / 2;
  return from.x === to.x ? [from, to] : [from, { x: from.x, y }, { x: to.x, y }, to];
}

/** Between two columns; beside the column where both ends stand in one. */
function throughMiddle(from: Point, to: Point, { lane }: Lines): readonly Point[] {
  if (from.y === to.y) return [from, to];
  const x = from.x === to.x ? from.x + lane : (from.x + to.x) / 2;
  return [from, { x, y: from.y }, { x, y: to.y }, to];
}

const same = (a: Point, b: Point | undefined) => a.x === b?.x && a.y === b.y;

/** Without points that stand on each other. */
const corners = (points: readonly Point[]): readonly Point[] => points.filter((point, i) => !same(point, points[i - 1]));
