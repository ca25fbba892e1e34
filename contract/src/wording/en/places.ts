import { RIG, type CircuitGraph } from '@kesto/core';
import { CIRCUIT_KIND_WORDS } from './circuit';

/** What a part is called: by its name, by its kind where there is one of it, else by its id in words. */
export function drawnName(graph: CircuitGraph, id: string): string {
  const part = graph.parts.find((p) => p.id === id);
  if (!part) return id;
  const isOnly = graph.parts.filter((p) => p.kind === part.kind).length === 1;
  return part.name ?? (isOnly ? CIRCUIT_KIND_WORDS[part.kind] : id.replaceAll('-', ' '));
}

/** What a place is called: a part, the tube between two, or our own hoses. */
export function placeName(graph: CircuitGraph | null, place: string): string {
  if (place === RIG) return 'our hoses and gauges';
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id.replaceAll('-', ' '));
  const [from, to] = place.split('>');
  return to === undefined ? nameOf(place) : `tube, ${nameOf(from ?? '')} to ${nameOf(to)}`;
}
