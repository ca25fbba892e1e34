import { RIG, type CircuitGraph } from '@kesto/core';
import { partName } from '@/drawing/circuit/partName';

/** What a place is called: a part, the tube between two, or our own hoses. */
export function placeName(graph: CircuitGraph | null, place: string): string {
  if (place === RIG) return 'our hoses and gauges';
  const nameOf = (id: string) => (graph ? partName(graph, id) : id.replaceAll('-', ' '));
  const [from, to] = place.split('>');
  return to === undefined ? nameOf(place) : `tube, ${nameOf(from ?? '')} to ${nameOf(to)}`;
}
