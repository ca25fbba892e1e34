import { RIG, type CircuitGraph } from '@kesto/core';
import { CIRCUIT_KIND_WORDS } from './circuit';

/** What a part is called: by its name, by its kind where there is one of it, else by its id in words. */
export const drawnName = (graph: CircuitGraph, id: string): string => drawnNames(graph)(id);

/** The same of every part of a drawing, for whoever names many. */
export function drawnNames({ parts }: CircuitGraph): (id: string) => string {
  const byId = new Map(parts.map((part) => [part.id, part]));
  const ofKind = new Map<string, number>();
  for (const { kind } of parts) ofKind.set(kind, (ofKind.get(kind) ?? 0) + 1);
  return (id) => {
    const part = byId.get(id);
    if (!part) return id;
    return part.name ?? (ofKind.get(part.kind) === 1 ? CIRCUIT_KIND_WORDS[part.kind] : id.replaceAll('-', ' '));
  };
}

/** What a place is called: a part, the tube between two, or our own hoses. */
export function placeName(graph: CircuitGraph | null, place: string): string {
  if (place === RIG) return 'our hoses and gauges';
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id.replaceAll('-', ' '));
  const [from, to] = place.split('>');
  return to === undefined ? nameOf(place) : `tube, ${nameOf(from ?? '')} to ${nameOf(to)}`;
}
