import type { CircuitKind } from '../vocabulary';
import { freeId, insertPart, type Edited } from './edit';
import { kindOf, type CircuitGraph, type CircuitLink } from './graph';

/**
 * A second way beside a stretch of the circuit: from one tube to another, in the direction of its flow, through parts of these kinds.
 *
 * @param from, to  places of the tubes in the graph's links; one tube alone bears no branch
 * @param kinds     of what stands in it, in flow order; a plain tube where there is none
 */
export function addBranch(graph: CircuitGraph, { from, to, kinds }: { from: number; to: number; kinds: readonly CircuitKind[] }): Edited {
  if (from === to) return { graph, made: null };
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

/** A part with one way in and one out: a branch goes on through it. */
const passes = (graph: CircuitGraph, id: string): boolean =>
  kindOf(graph, id) !== 'compressor' &&
  graph.links.filter((link) => link.to === id).length === 1 &&
  graph.links.filter((link) => link.from === id).length === 1;

/** Places of the tubes that carry one flow with this one, from where it leaves the others to where it joins them. */
function wayThrough(graph: CircuitGraph, index: number): readonly number[] {
  const way = [index];
  for (let first = graph.links[index]; first && passes(graph, first.from); first = graph.links[way[0] ?? -1]) {
    const before = graph.links.findIndex((link) => link.to === first?.from);
    if (before < 0 || way.includes(before)) break;
    way.unshift(before);
  }
  for (let last = graph.links[index]; last && passes(graph, last.to); last = graph.links[way.at(-1) ?? -1]) {
    const next = graph.links.findIndex((link) => link.from === last?.to);
    if (next < 0 || way.includes(next)) break;
    way.push(next);
  }
  return way;
}

/** The flow of a branch the other way round; null where the tube lies on the way from or to a compressor, which says itself where it goes. */
export function turnBranch(graph: CircuitGraph, index: number): CircuitGraph | null {
  const way = wayThrough(graph, index);
  const [start, end] = [graph.links[way[0] ?? -1]?.from, graph.links[way.at(-1) ?? -1]?.to];
  const isFitting = (id: string | undefined) => id !== undefined && kindOf(graph, id) === 'fitting';
  if (!isFitting(start) || !isFitting(end)) return null;
  return { ...graph, links: graph.links.map((link, i) => (way.includes(i) ? { ...link, from: link.to, to: link.from } : link)) };
}
