import type { CircuitGraph } from './graph';

/** Circuits of one drawing that no tube joins. */
export interface Piece {
  readonly graph: CircuitGraph;
  /** The place each of its links has in the whole. */
  readonly indexes: readonly number[];
}

/** Everything that hangs together with a part, along tubes and against them. */
function joinedTo(graph: CircuitGraph, start: string): ReadonlySet<string> {
  const found = new Set([start]);
  const open = [start];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    for (const { from, to } of graph.links) {
      const next = from === at ? to : to === at ? from : null;
      if (next === null || found.has(next)) continue;
      found.add(next);
      open.push(next);
    }
  }
  return found;
}

/** One piece for each compressor that no tube joins to another's; what has no compressor goes with the first. */
export function piecesOf(graph: CircuitGraph): readonly Piece[] {
  const compressors = graph.parts.filter((part) => part.kind === 'compressor').map((part) => part.id);
  const groups: ReadonlySet<string>[] = [];
  for (const id of compressors) if (!groups.some((group) => group.has(id))) groups.push(joinedTo(graph, id));
  if (groups.length < 2) return [{ graph, indexes: graph.links.map((_, i) => i) }];
  const ofNone = (id: string) => !groups.some((group) => group.has(id));
  return groups.map((group, i) => {
    const isIn = (id: string) => group.has(id) || (i === 0 && ofNone(id));
    const indexes = graph.links.flatMap((link, index) => (isIn(link.from) ? [index] : []));
    return {
      graph: { parts: graph.parts.filter((part) => isIn(part.id)), links: indexes.flatMap((index) => graph.links[index] ?? []) },
      indexes,
    };
  });
}

/** Names of one circuit's parts where several stand in one drawing. */
export const inCircuit = (place: number, id: string): string => `${place + 1}.${id}`;

/** Circuits of one machine as one drawing: the ids of the first begin with `1.`, of the second with `2.` */
export function together(graphs: readonly CircuitGraph[]): CircuitGraph {
  const [only] = graphs;
  if (only && graphs.length === 1) return only;
  return {
    parts: graphs.flatMap((graph, i) => graph.parts.map((part) => ({ ...part, id: inCircuit(i, part.id) }))),
    links: graphs.flatMap((graph, i) => graph.links.map((link) => ({ ...link, from: inCircuit(i, link.from), to: inCircuit(i, link.to) }))),
  };
}
