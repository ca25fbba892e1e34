import type { CircuitSide } from '../vocabulary';
import { bowLinks, bowRoute, isBow } from './bows';
import type { FlowGraph } from './checks';
import { fansOf } from './fans';
import { highSide, LETS_DOWN, partOfPassage, splitReversing, type CircuitGraph } from './graph';
import { LANE, laySideWays } from './laySideWays';
import type { CircuitLayout, LaidFan, LaidLink, LaidPart, Point } from './layoutTypes';
import { columnOf, layLoop, RETURN } from './layLoop';
import { mainLoop } from './mainLoop';
import { sectionsOf, type Zones } from './sections';
import { heightsFor, isKind, LEFT, Sheet, SLOT, TOP } from './sheet';
import { offTheLoop, type SideWay } from './sideWays';

/** Discharge and suction between a compressor and its reversing valve lie so far apart. */
const APART = 22;
/** What stands in no loop stands in a row so far below everything else. */
const BELOW = 90;

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

/** The tubes of the circuit, each from its part to its part; those of ways beside the loop keep off its own. */
function layLinks(sheet: Sheet, loop: readonly string[], ways: readonly SideWay[]): readonly LaidLink[] {
  const { split, heights, placed } = sheet;
  const withoutCoil = ways.filter((way) => !way.parts.some(isKind(split, 'evaporator')));
  const bows = bowLinks(split, loop, withoutCoil);
  const onLoop = (id: string) => loop.includes(id);
  const lines = { middle: heights.coil, lane: LANE };
  return split.links.flatMap((link, index): readonly LaidLink[] => {
    const [from, to] = [placed.get(link.from), placed.get(link.to)];
    if (!from || !to) return [];
    return [{ index, side: sideAfter(sheet, from), points: isBow(bows, link) ? bowRoute(from, to, onLoop, lines) : route(from, to) }];
  });
}

/** One circuit, by the shape such circuits have; parts that no compressor's loop and no branch of it reaches stand in a row below. */
export function layOutOne(graph: CircuitGraph): CircuitLayout {
  const split = splitReversing(graph);
  const loop = mainLoop(split);
  const sections = sectionsOf(split, loop);
  const column = columnOf(split, sections);
  const sheet = new Sheet(split, heightsFor(column?.down.length ?? 0), highSide(split));
  const zones = column && layLoop(sheet, sections, column);
  const ways = offTheLoop(split, loop);
  if (zones) laySideWays(sheet, ways, zones.right);
  const bottom = Math.max(sheet.heights.bottom, ...[...sheet.placed.values()].map((part) => part.y));
  split.parts
    .filter((part) => !sheet.placed.has(part.id))
    .forEach(({ id }, i) => sheet.put(id, { x: LEFT + i * SLOT, y: bottom + BELOW }, 'right'));
  const parts = [...sheet.placed.values()]
    .filter((part) => !part.id.endsWith('/low'))
    .map((part) => ({ ...part, id: partOfPassage(part.id), flow: arrowOf(split, part) }));
  return framed(sheet, parts, layLinks(sheet, loop, ways), { zones, fans: fansOf(graph, parts) });
}

const ROUND: Readonly<Record<LaidPart['flow'], LaidPart['flow']>> = { right: 'left', left: 'right', up: 'down', down: 'up' };
/** A check valve is drawn by its own arrow, which may point against the flow. */
const arrowOf = ({ parts }: FlowGraph, { id, flow }: LaidPart) =>
  parts.some((part) => part.id === id && part.against) ? ROUND[flow] : flow;

/** Of the tube that leaves a part: high behind a compressor, low behind what lets the pressure down. */
function sideAfter(sheet: Sheet, { id, kind }: LaidPart): CircuitSide {
  if (kind === 'compressor') return 'high';
  const isPassed = sheet.split.parts.some((part) => part.id === id && part.bypassed === true);
  return LETS_DOWN.includes(kind) && !isPassed ? 'low' : sheet.side(id);
}

const MARGIN = 66;
/** Above the gas line stand the words. */
const HEAD = 112;

function framed(
  { heights }: Sheet,
  parts: readonly LaidPart[],
  links: readonly LaidLink[],
  { zones, fans }: { readonly zones: Zones | null; readonly fans: readonly LaidFan[] },
): CircuitLayout {
  const all = [...parts, ...fans, ...links.flatMap((link) => link.points)];
  const [left, top] = [Math.min(...all.map((p) => p.x)) - MARGIN, Math.min(...all.map((p) => p.y)) - HEAD];
  const moved = <T extends Point>(p: T): T => ({ ...p, x: p.x - left, y: p.y - top });
  const width = Math.max(...all.map((p) => p.x)) - left + MARGIN;
  return {
    width,
    height: Math.max(...all.map((p) => p.y)) - top + MARGIN,
    circuits: [{ from: 0, to: width, middle: heights.coil - top }],
    fans: fans.map((fan) => ({ ...moved(fan), coils: fan.coils.map(({ x, y }) => moved({ x, y })) })),
    parts: parts.map(moved),
    links: links.map((link) => ({ ...link, points: link.points.map(({ x, y }) => moved({ x, y })) })),
    wall: zones?.hasWall ? { from: zones.wallFrom - left, to: zones.wallTo - left } : null,
  };
}
