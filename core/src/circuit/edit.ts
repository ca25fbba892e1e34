import { CIRCUIT_KINDS, type CircuitKind } from '../vocabulary';
import { kindOf, type CircuitGraph, type CircuitLink, type CircuitPart } from './graph';

/** An id no part has yet: the kind, and a number where it stands there already. */
function freeId(graph: CircuitGraph, kind: CircuitKind): string {
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

/** A second way beside a stretch of the loop: from one tube to another, through parts of these kinds. */
function addBranch(graph: CircuitGraph, { from, to, kinds }: { from: number; to: number; kinds: readonly CircuitKind[] }): Edited {
  const split = insertPart(graph, from, 'fitting');
  // The first insertion has put one more link before those that come after it.
  const join = insertPart(split.graph, to > from ? to + 1 : to, 'fitting', 'behind');
  if (!split.made || !join.made) return { graph, made: null };
  let { graph: now } = join;
  const ids: string[] = [];
  for (const kind of kinds) {
    const id = freeId(now, kind);
    ids.push(id);
    now = { ...now, parts: [...now.parts, { id, kind }] };
  }
  const way = [split.made, ...ids, join.made];
  const tube = graph.links[from]?.tube;
  const links = way.slice(1).map((id, i): CircuitLink => ({ from: way[i] ?? '', to: id, ...(tube ? { tube: { od: tube.od } } : {}) }));
  return { graph: { ...now, links: [...now.links, ...links] }, made: ids[0] ?? split.made };
}

/** The evaporator a tube feeds, with nothing but what lies before an evaporator between; null for a tube that feeds none. */
function fedCoil(graph: CircuitGraph, link: CircuitLink): string | null {
  const seen = new Set<string>();
  const open = [link.to];
  for (let at = open.shift(); at !== undefined; at = open.shift()) {
    const kind = kindOf(graph, at);
    if (kind === 'evaporator') return at;
    if (seen.has(at) || kind === 'compressor' || kind === 'condenser' || kind === 'reversing-valve') continue;
    seen.add(at);
    open.push(...graph.links.filter((next) => next.from === at).map((next) => next.to));
  }
  return null;
}

/** A second evaporator with its own expansion valve, fed from a tube and joined behind the first; null where the tube feeds none. */
export function addSecondCoil(graph: CircuitGraph, from: number): Edited | null {
  const link = graph.links[from];
  const coil = link ? fedCoil(graph, link) : null;
  const goesOn = (id: string) => graph.links.some((next) => next.from === id);
  const to = graph.links.findIndex((next) => next.from === coil && goesOn(next.to));
  return coil === null || to < 0 ? null : addBranch(graph, { from, to, kinds: ['expansion-valve', 'evaporator'] });
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

/** Another part in the same place: id, name and tubes stay; what only the old kind had is let go. */
export const replaceKind = (graph: CircuitGraph, id: string, kind: CircuitKind): CircuitGraph =>
  changePart(graph, id, ({ id: same, name, volume }) => ({
    ...{ id: same, kind },
    ...(name ? { name } : {}),
    ...(volume ? { volume } : {}),
  }));

export const changePart = (graph: CircuitGraph, id: string, change: (part: CircuitPart) => CircuitPart): CircuitGraph => ({
  ...graph,
  parts: graph.parts.map((part) => (part.id === id ? change(part) : part)),
});

export const changeLink = (graph: CircuitGraph, index: number, change: (link: CircuitLink) => CircuitLink): CircuitGraph => ({
  ...graph,
  links: graph.links.map((link, i) => (i === index ? change(link) : link)),
});

/** Kinds that go into a tube, in the order people look for them. */
export const INLINE_KINDS: readonly CircuitKind[] = CIRCUIT_KINDS.filter(
  (kind) => !['compressor', 'port', 'switch', 'transducer', 'tube'].includes(kind),
);
export const HUNG_KINDS: readonly CircuitKind[] = ['port', 'switch', 'transducer'];
