import type { CircuitGraph } from './graph';
import type { LaidFan, LaidPart, Point } from './layoutTypes';

/** A fan of one coil stands so far outside of it. */
const BESIDE = 96;

/** A fan and a part closer than this would stand on each other. */
const LEAST_APART = 60;

/** The nearest place outside of a coil where nothing that hangs on it stands. */
function freeBeside(coil: Point, step: number, parts: readonly LaidPart[]): Point {
  const at = (n: number): Point => ({ x: coil.x + n * step, y: coil.y });
  const isFree = (place: Point) => parts.every((part) => Math.hypot(part.x - place.x, part.y - place.y) >= LEAST_APART);
  let n = 1;
  while (!isFree(at(n))) n++;
  return at(n);
}

const middle = (points: readonly Point[], of: 'x' | 'y') => points.reduce((sum, point) => sum + point[of], 0) / points.length;

/** Fans that are named: between the coils they blow through, or beside the only one. */
export function fansOf(graph: CircuitGraph, parts: readonly LaidPart[]): readonly LaidFan[] {
  const names = [...new Set(graph.parts.flatMap(({ fan }) => fan ?? []))];
  const centre = middle(parts, 'x');
  return names.flatMap((name): readonly LaidFan[] => {
    const coils = graph.parts.flatMap(({ id, fan }) => (fan === name ? (parts.find((part) => part.id === id) ?? []) : []));
    const [only] = coils;
    if (!only) return [];
    const points = coils.map(({ x, y }) => ({ x, y }));
    if (points.length > 1) return [{ name, x: middle(points, 'x'), y: middle(points, 'y'), coils: points }];
    return [{ name, ...freeBeside(only, only.x < centre ? -BESIDE : BESIDE, parts), coils: points }];
  });
}
