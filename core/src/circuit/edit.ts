import { CIRCUIT_KINDS, type CircuitKind } from '../vocabulary';
import { kindOf, type CircuitGraph, type CircuitLink, type CircuitPart } from './graph';

/** An id no part has yet: the kind, and a number where it stands there already. */
export function freeId(graph: CircuitGraph, kind: CircuitKind): string {
  const taken = (id: string) => graph.parts.some((part) => part.id === id);
  for (let n = 1; ; n++) {
    const id = n === 1 ? kind : `${kind}-${n}`;
    if (!taken(id)) return id;
  }
}

const withLink = (graph: CircuitGraph, index: number, links: readonly CircuitLink[]): readonly CircuitLink[] =>
  graph.links.flatMap((link, i) => (i === index ? links : [link]));

/** An edited circuit, and the part the edit made. */
export interface Edited {
  readonly graph: CircuitGraph;
  readonly made: string | null;
}

/** Puts a part into a tube. Length and wall of the tube stay on one side of it: before it, or behind. */
export function insertPart(graph: CircuitGraph, index: number, kind: CircuitKind, rest: 'before' | 'behind' = 'before'): Edited {
  const link = graph.links[index];
  if (!link) return { graph, made: null };
  const id = freeId(graph, kind);
  const { throughWall: _wall, ...short } = { ...link, ...(link.tube ? { tube: { od: link.tube.od, ...wallOf(link) } } : {}) };
  const [before, behind] = rest === 'before' ? [link, short] : [short, link];
  const links = withLink(graph, index, [
    { ...before, to: id },
    { ...behind, from: id },
  ]);
  return { graph: { parts: [...graph.parts, { id, kind }], links }, made: id };
}

const wallOf = ({ tube }: CircuitLink) => (tube?.wall ? { wall: tube.wall } : {});

/** Hangs a part on another: a port, a switch, a transducer. */
export function hangPart(graph: CircuitGraph, host: string, kind: CircuitKind): Edited {
  if (!kindOf(graph, host)) return { graph, made: null };
  const id = freeId(graph, kind);
  const part: CircuitPart = kind === 'port' ? { id, kind, core: 'in' } : { id, kind };
  return { graph: { parts: [...graph.parts, part], links: [...graph.links, { from: host, to: id }] }, made: id };
}

/** Takes a part out and closes the way through it; what hung on it alone goes too. */
export function removePart(graph: CircuitGraph, id: string): CircuitGraph {
  const into = graph.links.filter((link) => link.to === id);
  const out = graph.links.filter((link) => link.from === id);
  const isStub = (link: CircuitLink) =>
    !graph.links.some((l) => l.from === link.to) && graph.links.filter((l) => l.to === link.to).length === 1;
  const stubs = new Set(out.filter(isStub).map((link) => link.to));
  const through = out.filter((link) => !stubs.has(link.to));
  const bridges = into.flatMap((a) =>
    through.map((b) => ({ ...b, ...a, to: b.to, ...(a.throughWall || b.throughWall ? { throughWall: true } : {}) })),
  );
  return {
    parts: graph.parts.filter((part) => part.id !== id && !stubs.has(part.id)),
    links: [...graph.links.filter((link) => link.from !== id && link.to !== id), ...bridges.filter((link) => link.from !== link.to)],
  };
}

/** A part with what hangs on it into another tube; the same graph where it stands at that tube already, drives or turns the circuit, or is where ways part. */
export function movePart(graph: CircuitGraph, id: string, index: number): CircuitGraph {
  const part = graph.parts.find((p) => p.id === id);
  const link = graph.links[index];
  if (!part || !link || !MOVABLE(part.kind) || link.from === id || link.to === id) return graph;
  const without = removePart(graph, id);
  const isKept = (end: string) => without.parts.some((p) => p.id === end);
  const [into, out] = [graph.links.filter((l) => l.to === id), graph.links.filter((l) => l.from === id && isKept(l.to))];
  if (into.length !== 1 || out.length !== 1) return graph;
  const put = insertPart(without, without.links.indexOf(link), part.kind);
  const own = (name: string) => (name === put.made ? id : name);
  const stubs = graph.parts.filter((p) => p.id !== id && !without.parts.includes(p));
  return {
    parts: [...put.graph.parts.map((p) => (p.id === put.made ? part : p)), ...stubs],
    links: [
      ...put.graph.links.map((l) => ({ ...l, from: own(l.from), to: own(l.to) })),
      ...graph.links.filter((l) => l.from === id && stubs.some((stub) => stub.id === l.to)),
    ],
  };
}

/** Another part in the same place: id, name and tubes stay; what only the old kind had is let go. */
export const replaceKind = (graph: CircuitGraph, id: string, kind: CircuitKind): CircuitGraph =>
  changePart(graph, id, ({ id: same, name, volume }) => ({
    ...{ id: same, kind },
    ...(name ? { name } : {}),
    ...(volume ? { volume } : {}),
  }));

/** The graph with one part put right; the others are the same objects. */
export const changePart = (graph: CircuitGraph, id: string, change: (part: CircuitPart) => CircuitPart): CircuitGraph => ({
  ...graph,
  parts: graph.parts.map((part) => (part.id === id ? change(part) : part)),
});

/** The graph with one tube put right, by its place in the list. */
export const changeLink = (graph: CircuitGraph, index: number, change: (link: CircuitLink) => CircuitLink): CircuitGraph => ({
  ...graph,
  links: graph.links.map((link, i) => (i === index ? change(link) : link)),
});

/** Kinds that hang on a tube by one end. */
export const HUNG_KINDS: readonly CircuitKind[] = ['port', 'switch', 'transducer', 'relief-valve', 'fusible-plug'];
/** Kinds that go into a tube, in the order people look for them. */
export const INLINE_KINDS: readonly CircuitKind[] = CIRCUIT_KINDS.filter(
  (kind) => kind !== 'compressor' && kind !== 'tube' && !HUNG_KINDS.includes(kind),
);
/** What exchanges heat may exchange it with water or brine. */
export const MAY_HOLD_WATER: readonly CircuitKind[] = ['condenser', 'evaporator', 'heat-exchanger'];
/** What can stand in another tube just as well. */
export const MOVABLE = (kind: CircuitKind): boolean => INLINE_KINDS.includes(kind) && kind !== 'reversing-valve';
