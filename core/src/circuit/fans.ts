import type { CircuitGraph } from './graph';
import type { LaidFan, LaidPart, Point } from './layoutTypes';

/** A fan of one coil stands so far outside of it. */
const BESIDE = 96;

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
    return [{ name, x: only.x + (only.x < centre ? -BESIDE : BESIDE), y: only.y, coils: points }];
  });
}
