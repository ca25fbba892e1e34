import { fansOf } from './fans';
import type { CircuitGraph } from './graph';
import { layOutOne } from './layOutOne';
import type { CircuitLayout, LaidLink, LaidPart, Span } from './layoutTypes';
import { piecesOf, type Piece } from './pieces';

/** Between two circuits that stand beside each other: room for a fan between the words of two coils. */
const BESIDE = 200;
const TURNED: Readonly<Record<LaidPart['flow'], LaidPart['flow']>> = { left: 'right', right: 'left', up: 'up', down: 'down' };

/** The same drawing seen from behind; what stands beside another has no wall. */
function mirrored(layout: CircuitLayout): CircuitLayout {
  const turn = <P extends { readonly x: number }>(point: P): P => ({ ...point, x: layout.width - point.x });
  return {
    ...layout,
    parts: layout.parts.map((part) => ({ ...turn(part), flow: TURNED[part.flow] })),
    links: layout.links.map((link) => ({ ...link, points: link.points.map(turn) })),
  };
}

interface Placed {
  readonly layout: CircuitLayout;
  readonly dx: number;
  readonly dy: number;
}

/** From left to right; the first is mirrored, so that its condenser meets the other's. */
function besideEachOther(layouts: readonly CircuitLayout[]): readonly Placed[] {
  let dx = 0;
  return layouts.map((layout, i) => {
    const placed = { layout: i % 2 === 0 ? mirrored(layout) : layout, dx, dy: 0 };
    dx += layout.width + BESIDE;
    return placed;
  });
}

/** Below each other, their walls in one line. */
function aboveEachOther(layouts: readonly CircuitLayout[]): readonly Placed[] {
  const wall = Math.max(...layouts.map((layout) => layout.wall?.from ?? 0));
  let dy = 0;
  return layouts.map((layout) => {
    const placed = { layout, dx: layout.wall ? wall - layout.wall.from : 0, dy };
    dy += layout.height;
    return placed;
  });
}

function joined(graph: CircuitGraph, pieces: readonly Piece[], places: readonly Placed[]): CircuitLayout {
  const parts = places.flatMap(({ layout, dx, dy }) => layout.parts.map((part) => ({ ...part, x: part.x + dx, y: part.y + dy })));
  const links = places.flatMap(({ layout, dx, dy }, i) =>
    layout.links.map((link): LaidLink => ({
      ...link,
      index: pieces[i]?.indexes[link.index] ?? -1,
      points: link.points.map(({ x, y }) => ({ x: x + dx, y: y + dy })),
    })),
  );
  const walls = places.flatMap(({ layout: { wall }, dx }): Span[] => (wall ? [{ from: wall.from + dx, to: wall.to + dx }] : []));
  return {
    width: Math.max(...places.map(({ layout, dx }) => layout.width + dx)),
    height: Math.max(...places.map(({ layout, dy }) => layout.height + dy)),
    parts,
    links,
    fans: fansOf(graph, parts),
    circuits: places.flatMap(({ layout, dx, dy }) =>
      layout.circuits.map(({ from, to, middle }) => ({ from: from + dx, to: to + dx, middle: middle + dy })),
    ),
    wall: walls.length > 0 ? { from: Math.min(...walls.map((w) => w.from)), to: Math.max(...walls.map((w) => w.to)) } : null,
  };
}

/**
 * Places for every part and tube of a circuit, or of several that share a machine, by the shape such circuits have.
 *
 * @param graph  a circuit that was read, or circuits put together by `together`
 * @returns      points in units of the drawing (a slot is 84), links by their place in the graph. Circuits that are not joined stand
 *               beside each other, or above each other where a wall runs through them
 */
export function layOut(graph: CircuitGraph): CircuitLayout {
  const pieces = piecesOf(graph);
  if (pieces.length < 2) return layOutOne(graph);
  const layouts = pieces.map((piece) => layOutOne(piece.graph));
  return joined(graph, pieces, layouts.some((layout) => layout.wall) ? aboveEachOther(layouts) : besideEachOther(layouts));
}
