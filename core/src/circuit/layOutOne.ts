import type { CircuitKind, CircuitSide } from '../vocabulary';
import { highSide, kindOf, LETS_DOWN, partOfPassage, splitReversing, type CircuitGraph } from './graph';
import { bowHeight, bowLinks, bowRoute, isBow } from './bows';
import { fansOf } from './fans';
import type { CircuitLayout, LaidFan, LaidLink, LaidPart, Point } from './layoutTypes';
import { mainLoop } from './mainLoop';
import { offTheLoop, type SideWay } from './sideWays';

/** Units of the drawing: a part and the tube to the next one take a slot. */
const SLOT = 84;
const WALL = 110;
const LEFT = 64;
const TOP = 90;
const BOTTOM = 350;
const COIL_Y = (TOP + BOTTOM) / 2;
const LANE = 64;
const STUB = 58;
/** Below the discharge lies what the gas passes on its way back from a reversing valve. */
const RETURN = 54;
/** Discharge and suction between a compressor and its reversing valve lie so far apart. */
const APART = 22;
const BESIDE = 190;

interface Zones {
  readonly wallFrom: number;
  readonly wallTo: number;
  readonly right: number;
  readonly hasWall: boolean;
}

interface Sections {
  readonly left: readonly string[];
  readonly bottom: readonly string[];
  readonly right: readonly string[];
  readonly top: readonly string[];
}

const isKind = (split: CircuitGraph, kind: CircuitKind) => (id: string) => kindOf(split, id) === kind;

/** The way round in four sides: down to the condenser, along the liquid, up the evaporators, back along the gas. */
function sectionsOf(split: CircuitGraph, loop: readonly string[]): Sections {
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
function beforeWall(split: CircuitGraph, chain: readonly string[]): number | null {
  const at = chain.findIndex((id, i) => i > 0 && split.links.some((l) => l.throughWall && l.from === chain[i - 1] && l.to === id));
  return at < 0 ? null : at - 1;
}

function zonesOf(split: CircuitGraph, { left, bottom, right, top }: Sections, start: number): Zones {
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

const spread = (count: number, from: number, to: number) =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 1)) / (count + 1));

/** Places of a side's parts from left to right: those outdoors before the wall, those indoors behind it. */
function along(count: number, outdoors: number | null, { wallFrom, wallTo, right }: Zones, start: number): readonly number[] {
  if (outdoors === null) return spread(count, start, right);
  return [...spread(outdoors, start, wallFrom), ...spread(count - outdoors, wallTo, right)];
}

class Sheet {
  readonly placed = new Map<string, LaidPart>();
  constructor(
    readonly split: CircuitGraph,
    private readonly high: ReadonlySet<string>,
  ) {}

  side(id: string): CircuitSide {
    return this.high.has(id) ? 'high' : 'low';
  }

  put(id: string, at: Point, flow: LaidPart['flow']): void {
    this.placed.set(id, { id, kind: kindOf(this.split, id) ?? 'tube', side: this.side(id), flow, ...at });
  }
}

/** The way round: each side's parts along it. Both passages of a reversing valve are one place. */
function layLoop(sheet: Sheet, sections: Sections): Zones {
  const { split } = sheet;
  const { left, bottom, right, top } = sections;
  const [compressor = '', ...rest] = left;
  const condenser = rest.at(-1);
  const between = rest.slice(0, -1);
  const turn = between.findIndex(isKind(split, 'reversing-valve'));
  const valve = turn < 0 ? null : partOfPassage(between[turn] ?? '');
  const returns = valve === null ? -1 : top.findIndex((id) => partOfPassage(id) === valve);
  const after = returns < 0 ? [] : top.slice(returns + 1);
  const column = valve === null ? LEFT : LEFT + (1 + Math.max(turn, after.length) * 0.8) * SLOT + 20;
  const gas = returns < 0 ? top : top.slice(0, returns);
  const zones = zonesOf(split, { left: [condenser ?? compressor], bottom, right, top: gas }, column);
  sheet.put(compressor, { x: LEFT, y: TOP }, valve === null ? 'left' : 'right');
  spread(Math.max(turn, 0), LEFT, column).forEach((x, i) => sheet.put(between[i] ?? '', { x, y: TOP }, 'right'));
  if (valve !== null) sheet.put(between[turn] ?? '', { x: column, y: TOP }, 'right');
  const down = valve === null ? between : between.slice(turn + 1);
  spread(down.length, TOP + 20, COIL_Y - 60).forEach((y, i) => sheet.put(down[i] ?? '', { x: column, y }, 'down'));
  if (condenser !== undefined) sheet.put(condenser, { x: column, y: COIL_Y }, 'down');
  const outB = beforeWall(split, [condenser ?? compressor, ...bottom, ...right.slice(0, 1)]);
  along(bottom.length, outB, zones, column).forEach((x, i) => sheet.put(bottom[i] ?? '', { x, y: BOTTOM }, 'right'));
  right.forEach((id, i) => sheet.put(id, { x: zones.right + i * BESIDE, y: COIL_Y }, 'up'));
  const inT = beforeWall(split, [...right.slice(-1), ...gas, returns < 0 ? compressor : (top[returns] ?? '')]);
  const places = along(gas.length, inT === null ? null : gas.length - inT, zones, column);
  gas.forEach((id, i) => sheet.put(id, { x: places[gas.length - 1 - i] ?? column, y: TOP }, 'left'));
  if (returns >= 0) sheet.put(top[returns] ?? '', { x: column, y: TOP }, 'left');
  spread(after.length, column - SLOT / 3, LEFT).forEach((x, i) => sheet.put(after[i] ?? '', { x, y: TOP + RETURN }, 'left'));
  return zones;
}

const LINES = { middle: COIL_Y, lane: LANE } as const;
/** Ways that would lie on each other stand so far apart. */
const APART_BOWS = 40;

/** A way that leaves the loop and comes back: with a coil in it beside the evaporator, else as a bow inside. */
function layReturning(sheet: Sheet, way: SideWay, place: number, right: number): void {
  const [a, b] = [sheet.placed.get(way.from), way.to === null ? undefined : sheet.placed.get(way.to)];
  if (!a || !b) return;
  const coil = way.parts.findIndex(isKind(sheet.split, 'evaporator'));
  if (coil >= 0) {
    const x = right + BESIDE * (place + 1);
    spread(coil, a.x, x).forEach((at, i) => sheet.put(way.parts[i] ?? '', { x: at, y: BOTTOM + LANE * (place + 1) }, 'right'));
    sheet.put(way.parts[coil] ?? '', { x, y: COIL_Y }, 'up');
    const back = way.parts.slice(coil + 1);
    spread(back.length, x, b.x).forEach((at, i) => sheet.put(back[i] ?? '', { x: at, y: TOP - LANE * (place + 1) }, 'left'));
    return;
  }
  const height = bowHeight(a, b, LINES);
  const y = height === COIL_Y ? height + APART_BOWS * place : height;
  const flow = b.x >= a.x ? 'right' : 'left';
  spread(way.parts.length, a.x, b.x === a.x ? a.x + SLOT * 2 : b.x).forEach((x, i) => sheet.put(way.parts[i] ?? '', { x, y }, flow));
}

/** A port, a switch: it hangs on its part, away from the loop. */
function layStub(sheet: Sheet, way: SideWay, place: number, middle: number): void {
  const host = sheet.placed.get(way.from);
  if (!host) return;
  const aside = place === 0 ? 0 : (place % 2 === 1 ? 1 : -1) * 34 * Math.ceil(place / 2);
  const out = host.y < COIL_Y ? -1 : 1;
  const outward = host.x < middle ? -1 : 1;
  const isColumn = host.y > TOP && host.y < BOTTOM;
  way.parts.forEach((id, i) =>
    sheet.put(
      id,
      isColumn
        ? { x: host.x + outward * (STUB * (i + 1) + 20), y: host.y + aside }
        : { x: host.x + aside, y: host.y + out * STUB * (i + 1) },
      isColumn ? (outward < 0 ? 'left' : 'right') : out < 0 ? 'up' : 'down',
    ),
  );
}

function laySideWays(sheet: Sheet, ways: readonly SideWay[], zones: Zones): void {
  const counts = { coils: 0, bows: 0 };
  const stubs = new Map<string, number>();
  for (const way of ways) {
    if (way.to === null) {
      const place = stubs.get(way.from) ?? 0;
      stubs.set(way.from, place + 1);
      layStub(sheet, way, place, zones.right / 2);
    } else {
      const key = way.parts.some(isKind(sheet.split, 'evaporator')) ? 'coils' : 'bows';
      layReturning(sheet, way, counts[key]++, zones.right);
    }
  }
}

/** The low passage of a reversing valve, with the tube that leaves it: beside the tube to the coil below. */
function fromReversing(from: LaidPart, to: LaidPart): readonly Point[] {
  if (to.kind === 'compressor') return [from, to].map(({ x, y }) => ({ x, y: y + APART / 2 }));
  const x = from.x - APART / 2;
  return [{ x, y: from.y }, { x, y: to.y }, to];
}

/** A tube from part to part in straight runs: along the side both lie on, else round one corner. */
function route(from: LaidPart, to: LaidPart): readonly Point[] {
  if (from.kind === 'reversing-valve' && from.side === 'low') return fromReversing(from, to);
  if (from.kind === 'compressor' && to.kind === 'reversing-valve') return [from, to].map(({ x, y }) => ({ x, y: y - APART / 2 }));
  if (to.kind === 'compressor' && from.y === TOP + RETURN) return [from, { x: to.x, y: from.y }, to];
  const straight = from.x === to.x || from.y === to.y;
  if (straight) return [from, to];
  const isAlong = (part: LaidPart) => part.flow === 'left' || part.flow === 'right';
  const corner = isAlong(from) === isAlong(to) || isAlong(to) ? { x: from.x, y: to.y } : { x: to.x, y: from.y };
  return [from, corner, to];
}

/** One circuit, by the shape such circuits have; parts that no compressor's loop and no branch of it reaches stand in a row below. */
export function layOutOne(graph: CircuitGraph): CircuitLayout {
  const split = splitReversing(graph);
  const sheet = new Sheet(split, highSide(split));
  const loop = mainLoop(split);
  const zones = layLoop(sheet, sectionsOf(split, loop));
  const ways = offTheLoop(split, loop);
  laySideWays(sheet, ways, zones);
  const bows = bowLinks(
    split,
    loop,
    ways.filter((way) => !way.parts.some(isKind(split, 'evaporator'))),
  );
  const bottom = Math.max(BOTTOM, ...[...sheet.placed.values()].map((part) => part.y));
  split.parts
    .filter((part) => !sheet.placed.has(part.id))
    .forEach(({ id }, i) => sheet.put(id, { x: LEFT + i * SLOT, y: bottom + 90 }, 'right'));
  const onLoop = (id: string) => loop.includes(id);
  const links = split.links.flatMap((link, index): readonly LaidLink[] => {
    const [from, to] = [sheet.placed.get(link.from), sheet.placed.get(link.to)];
    if (!from || !to) return [];
    return [{ index, side: sideAfter(sheet, from), points: isBow(bows, link) ? bowRoute(from, to, onLoop, LINES) : route(from, to) }];
  });
  const parts = [...sheet.placed.values()]
    .filter((part) => !part.id.endsWith('/low'))
    .map((part) => ({ ...part, id: partOfPassage(part.id) }));
  return framed(parts, links, zones, fansOf(graph, parts));
}

/** Of the tube that leaves a part: high behind a compressor, low behind what lets the pressure down. */
function sideAfter(sheet: Sheet, { id, kind }: LaidPart): CircuitSide {
  if (kind === 'compressor') return 'high';
  return LETS_DOWN.includes(kind) ? 'low' : sheet.side(id);
}

const MARGIN = 66;
/** Above the gas line stand the words. */
const HEAD = 112;

function framed(parts: readonly LaidPart[], links: readonly LaidLink[], zones: Zones, fans: readonly LaidFan[]): CircuitLayout {
  const all = [...parts, ...fans, ...links.flatMap((link) => link.points)];
  const [left, top] = [Math.min(...all.map((p) => p.x)) - MARGIN, Math.min(...all.map((p) => p.y)) - HEAD];
  const moved = <T extends Point>(p: T): T => ({ ...p, x: p.x - left, y: p.y - top });
  const width = Math.max(...all.map((p) => p.x)) - left + MARGIN;
  return {
    width,
    height: Math.max(...all.map((p) => p.y)) - top + MARGIN,
    circuits: [{ from: 0, to: width, middle: COIL_Y - top }],
    fans: fans.map((fan) => ({ ...moved(fan), coils: fan.coils.map(({ x, y }) => moved({ x, y })) })),
    parts: parts.map(moved),
    links: links.map((link) => ({ ...link, points: link.points.map(({ x, y }) => moved({ x, y })) })),
    wall: zones.hasWall ? { from: zones.wallFrom - left, to: zones.wallTo - left } : null,
  };
}
