import type { CircuitGraph } from './graph';
import { isKind, SLOT, spread } from './sheet';

const WALL = 110;

/** Where outdoors ends, indoors begins, and the sheet's right column stands. */
export interface Zones {
  readonly wallFrom: number;
  readonly wallTo: number;
  readonly right: number;
  readonly hasWall: boolean;
}

/** The way round in flow order, by the side of the sheet it is laid on. */
export interface Sections {
  readonly left: readonly string[];
  readonly bottom: readonly string[];
  readonly right: readonly string[];
  readonly top: readonly string[];
}

/** The way round in four sides: down to the condenser, along the liquid, up the evaporators, back along the gas. */
export function sectionsOf(split: CircuitGraph, loop: readonly string[]): Sections {
  const last = loop.findLastIndex(isKind(split, 'condenser'));
  const condenser = last < 0 ? Math.min(loop.length - 1, Math.floor(loop.length / 4)) : last;
  const first = loop.findIndex((id, i) => i > condenser && isKind(split, 'evaporator')(id));
  const from = first < 0 ? Math.min(loop.length, Math.ceil(loop.length * 0.6)) : first;
  const to = first < 0 ? from - 1 : loop.findLastIndex(isKind(split, 'evaporator'));
  return {
    left: loop.slice(0, condenser + 1),
    bottom: loop.slice(condenser + 1, from),
    right: loop.slice(from, to + 1),
    top: loop.slice(to + 1),
  };
}

/** How many of a side's parts lie before its wall, in flow order; null where it has none. */
export function beforeWall(split: CircuitGraph, chain: readonly string[]): number | null {
  const at = chain.findIndex((id, i) => i > 0 && split.links.some((l) => l.throughWall && l.from === chain[i - 1] && l.to === id));
  return at < 0 ? null : at - 1;
}

/** A line across the sheet: how many parts stand on it, and how many of them outdoors; null where no wall is drawn on it. */
export interface Line {
  readonly count: number;
  readonly outdoors: number | null;
}

/** Zones wide enough for both lines; a line without a wall of its own has half its parts on either side of the other's. */
export function zonesOf(lines: readonly Line[], start: number): Zones {
  const hasWall = lines.some((line) => line.outdoors !== null);
  const outdoorsOf = ({ count, outdoors }: Line) => outdoors ?? (hasWall ? Math.ceil(count / 2) : count);
  const outdoors = Math.max(...lines.map(outdoorsOf));
  const indoors = Math.max(...lines.map((line) => line.count - outdoorsOf(line)));
  const wallFrom = start + (outdoors + 0.7) * SLOT;
  const wallTo = wallFrom + (hasWall ? WALL : 0);
  return { wallFrom, wallTo, right: wallTo + (indoors + (hasWall ? 0.7 : 0.3)) * SLOT, hasWall };
}

/** A side's parts from left to right, each with its place: those outdoors before the wall, those indoors behind it. */
export function along(
  ids: readonly string[],
  outdoors: number | null,
  { wallFrom, wallTo, right }: Zones,
  start: number,
): readonly (readonly [id: string, x: number])[] {
  if (outdoors === null) return spread(ids, start, right);
  return [...spread(ids.slice(0, outdoors), start, wallFrom), ...spread(ids.slice(outdoors), wallTo, right)];
}
