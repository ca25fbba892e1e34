import { distanceToRun, MOVABLE, type CircuitLayout, type Point } from '@kesto/core';
import type { Placed } from './place';

/** Nearer than this to its middle a part is meant, to its line a tube: units of the drawing. */
const PART_REACH = 30;
const TUBE_REACH = 40;

/** The nearest of those that are near enough; null where none is. */
function nearest<Thing>(things: readonly Thing[], distanceOf: (thing: Thing) => number, reach: number): Thing | null {
  const found = things.reduce<{ thing: Thing; distance: number } | null>((best, thing) => {
    const distance = distanceOf(thing);
    return distance <= reach && (!best || distance < best.distance) ? { thing, distance } : best;
  }, null);
  return found && found.thing;
}

/** The part at a point of the drawing that can be moved to another tube. */
export function partNear(layout: CircuitLayout, view: Placed, at: Point): string | null {
  return partUnder(
    layout.parts.filter(({ kind }) => MOVABLE(kind)),
    view,
    at,
    PART_REACH,
  );
}

/** Of these parts the nearest to a point of the drawing, where one lies within so far. */
export function partUnder(parts: CircuitLayout['parts'], view: Placed, at: Point, reach: number): string | null {
  const distance = (part: CircuitLayout['parts'][number]) => Math.hypot(view.at(part).x - at.x, view.at(part).y - at.y);
  return nearest(parts, distance, reach)?.id ?? null;
}

/** The tube at a point of the drawing, by its place in the circuit's links. */
export function tubeNear(layout: CircuitLayout, view: Placed, at: Point): number | null {
  const distance = ({ points }: CircuitLayout['links'][number]) => {
    const on = points.map(view.at);
    return Math.min(...on.slice(1).map((b, i) => distanceToRun(at, on[i] ?? b, b)));
  };
  return nearest(layout.links, distance, TUBE_REACH)?.index ?? null;
}
