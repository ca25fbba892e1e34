import { bowHeight, lies } from './bows';
import type { LaidPart } from './layoutTypes';
import { BESIDE, isKind, SLOT, spread, TOP, type Sheet } from './sheet';
import type { SideWay } from './sideWays';

/** Between a line and the lane beside it. */
export const LANE = 64;
/** What hangs on a part stands so far from it, further out on a column, and so far beside what hangs there already. */
const STUB = 58;
const STUB_OF_COLUMN = 20;
const STUB_ASIDE = 44;
/** Ways that would lie on each other stand so far apart. */
const APART_BOWS = 40;
/** Parts closer than this along a bow would stand in each other's words. */
const LEAST_APART = 50;

/** Beside the evaporator: liquid below the line, gas above it. */
function layWithCoil(sheet: Sheet, way: SideWay, coil: number, ends: { a: LaidPart; b: LaidPart; place: number; right: number }): void {
  const { a, b, place, right } = ends;
  const x = right + BESIDE * (place + 1);
  const lane = LANE * (place + 1);
  spread(way.parts.slice(0, coil), a.x, x).forEach(([id, at]) => sheet.put(id, { x: at, y: sheet.heights.bottom + lane }, 'right'));
  for (const id of way.parts.slice(coil, coil + 1)) sheet.put(id, { x, y: sheet.heights.coil }, 'up');
  spread(way.parts.slice(coil + 1), x, b.x).forEach(([id, at]) => sheet.put(id, { x: at, y: TOP - lane }, 'left'));
}

/** A bow between two ends that stand too close for its parts: they stand above each other. */
function layUpright(sheet: Sheet, { parts }: SideWay, a: LaidPart, b: LaidPart): void {
  const inside = a.x === b.x ? a.x + SLOT : b.x;
  const x = lies(a) ? a.x : inside;
  spread(parts, a.y, b.y).forEach(([id, y]) => sheet.put(id, { x, y }, b.y > a.y ? 'down' : 'up'));
}

/** A way that leaves the loop and comes back: with a coil in it beside the evaporator, else as a bow inside. */
function layReturning(sheet: Sheet, way: SideWay, place: number, right: number): void {
  const [a, b] = [sheet.placed.get(way.from), way.to === null ? undefined : sheet.placed.get(way.to)];
  if (!a || !b) return;
  const coil = way.parts.findIndex(isKind(sheet.split, 'evaporator'));
  if (coil >= 0) return layWithCoil(sheet, way, coil, { a, b, place, right });
  const isNarrow = Math.abs(b.x - a.x) < LEAST_APART * (way.parts.length + 1);
  if (isNarrow && a.y !== b.y) return layUpright(sheet, way, a, b);
  const { coil: middle } = sheet.heights;
  const height = bowHeight(a, b, { middle, lane: LANE });
  const y = height === middle ? height + APART_BOWS * place : height;
  const flow = b.x >= a.x ? 'right' : 'left';
  spread(way.parts, a.x, b.x).forEach(([id, x]) => sheet.put(id, { x, y }, flow));
}

/** A port, a switch: it hangs on its part, away from the loop. */
function layStub(sheet: Sheet, way: SideWay, place: number, middle: number): void {
  const host = sheet.placed.get(way.from);
  if (!host) return;
  const aside = place === 0 ? 0 : (place % 2 === 1 ? 1 : -1) * STUB_ASIDE * Math.ceil(place / 2);
  const out = host.y < sheet.heights.coil ? -1 : 1;
  const outward = host.x < middle ? -1 : 1;
  const isColumn = host.y > TOP && host.y < sheet.heights.bottom;
  way.parts.forEach((id, i) =>
    sheet.put(
      id,
      isColumn
        ? { x: host.x + outward * (STUB * (i + 1) + STUB_OF_COLUMN), y: host.y + aside }
        : { x: host.x + aside, y: host.y + out * STUB * (i + 1) },
      isColumn ? (outward < 0 ? 'left' : 'right') : out < 0 ? 'up' : 'down',
    ),
  );
}

/** Everything beside the loop: what comes back to it, and what hangs on it. */
export function laySideWays(sheet: Sheet, ways: readonly SideWay[], right: number): void {
  const counts = { coils: 0, bows: 0 };
  const stubs = new Map<string, number>();
  for (const way of ways) {
    if (way.to === null) {
      const place = stubs.get(way.from) ?? 0;
      stubs.set(way.from, place + 1);
      layStub(sheet, way, place, right / 2);
      // What goes on from a part of the way has its first place.
      for (const id of way.parts.slice(0, -1)) stubs.set(id, 1);
    } else {
      const key = way.parts.some(isKind(sheet.split, 'evaporator')) ? 'coils' : 'bows';
      layReturning(sheet, way, counts[key]++, right);
    }
  }
}
