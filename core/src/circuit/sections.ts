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

export function zonesOf(split: CircuitGraph, { left, bottom, right, top }: Sections, start: number): Zones {
  const end = <T>(list: readonly T[]) => list.at(-1);
  const down = [end(left), ...bottom, right[0]].filter((id) => id !== undefined);
  const back = [end(right), ...top, left[0]].filter((id) => id !== undefined);
  const [b, t] = [beforeWall(split, down), beforeWall(split, back)];
  const outdoors = Math.max(
    b ?? (t === null ? bottom.length : 0),
    t === null ? 0 : top.length - t,
    b === null && t === null ? top.length : 0,
  );
  const indoors = Math.max(b === null ? 0 : bottom.length - b, t ?? 0);
  const hasWall = b !== null || t !== null;
  const wallFrom = start + (outdoors + 0.7) * SLOT;
  const wallTo = wallFrom + (hasWall ? WALL : 0);
  return { wallFrom, wallTo, right: wallTo + (indoors + (hasWall ? 0.7 : 0.3)) * SLOT, hasWall };
}

/** Places of a side's parts from left to right: those outdoors before the wall, those indoors behind it. */
export function along(count: number, outdoors: number | null, { wallFrom, wallTo, right }: Zones, start: number): readonly number[] {
  if (outdoors === null) return spread(count, start, right);
  return [...spread(outdoors, start, wallFrom), ...spread(count - outdoors, wallTo, right)];
}
