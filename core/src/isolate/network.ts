import type { FlowGraph } from '../circuit/checks';
import { kindOf, LETS_DOWN, partOfPassage, passage, reached, splitReversing, type CircuitGraph, type CircuitPart } from '../circuit/graph';
import type { CircuitKind } from '../vocabulary';

/** A way between two nodes. Gas goes both ways, but through a check valve only as it was built in. */
interface Way {
  readonly to: string;
  /** With the flow in the position looked at. */
  readonly isForward: boolean;
  /** Along the arrow that the part was built in for. */
  readonly isAsBuilt: boolean;
  /** From a compressor's suction to its discharge, or back: it pumps when it runs, and holds nothing back when it stands. */
  readonly through?: CircuitPart;
}

/** A circuit as gas sees it: reversing valves as their two passages, switches on both sides as their capillaries, compressors as suction and discharge. */
export interface Network {
  readonly graph: FlowGraph;
  readonly nodes: readonly string[];
  readonly part: (node: string) => CircuitPart;
  readonly ways: (node: string) => readonly Way[];
  /** Whether a relief valve stands anywhere in it. */
  readonly hasRelief: boolean;
}

const DUAL: readonly CircuitKind[] = ['switch', 'transducer'];
export const suctionOf = (compressor: string) => passage(compressor, 'low');
export const dischargeOf = (compressor: string) => passage(compressor, 'high');

/** Whether the ends of a switch lie on both sides of the circuit: it senses them, no gas goes through it. */
function sensesBoth(graph: CircuitGraph, id: string): boolean {
  const without = { parts: graph.parts, links: graph.links.filter((link) => link.from !== id && link.to !== id) };
  const ends = graph.links.flatMap((link) => (link.from === id ? [link.to] : link.to === id ? [link.from] : []));
  const meets = (end: string, way: 'downstream' | 'upstream') => {
    const bars: readonly CircuitKind[] = [...LETS_DOWN, 'compressor'];
    if (bars.includes(kindOf(graph, end) ?? 'tube')) return kindOf(graph, end) === 'compressor';
    return [...reached(without, end, way, bars)].some((other) => kindOf(graph, other) === 'compressor');
  };
  return ends.some((end) => meets(end, 'upstream') && !meets(end, 'downstream')) && ends.some((end) => meets(end, 'downstream'));
}

function splitSwitches(graph: FlowGraph): FlowGraph {
  const dual = graph.parts.filter((part) => DUAL.includes(part.kind) && sensesBoth(graph, part.id)).map((part) => part.id);
  if (dual.length === 0) return graph;
  const counts = new Map<string, number>();
  const end = (id: string) => {
    if (!dual.includes(id)) return id;
    const count = counts.get(id) ?? 0;
    counts.set(id, count + 1);
    return `${id}/${count}`;
  };
  const links = graph.links.map((link) => ({ ...link, from: end(link.from), to: end(link.to) }));
  return {
    links,
    parts: graph.parts.flatMap((part) =>
      dual.includes(part.id) ? Array.from({ length: counts.get(part.id) ?? 0 }, (_, i) => ({ ...part, id: `${part.id}/${i}` })) : [part],
    ),
  };
}

/** The circuit with its reversing valves and dual switches split, as it is drawn. */
export const splitForGas = (graph: CircuitGraph): FlowGraph => splitSwitches(splitReversing(graph));

/** Ids of links that were turned round, in a heat pump's other position. */
export type Turned = ReadonlySet<number>;

/** The network of a split circuit. */
export function networkOf(split: FlowGraph, turned: Turned = new Set()): Network {
  const parts = new Map<string, CircuitPart>();
  const ways = new Map<string, Way[]>();
  const add = (from: string, way: Way) => ways.set(from, [...(ways.get(from) ?? []), way]);
  for (const part of split.parts) {
    if (part.kind !== 'compressor') {
      parts.set(part.id, part);
      continue;
    }
    parts.set(suctionOf(part.id), part).set(dischargeOf(part.id), part);
    add(suctionOf(part.id), { to: dischargeOf(part.id), isForward: true, isAsBuilt: true, through: part });
    add(dischargeOf(part.id), { to: suctionOf(part.id), isForward: false, isAsBuilt: false, through: part });
  }
  const against = new Set(split.parts.filter((part) => part.against).map((part) => part.id));
  split.links.forEach((link, i) => {
    // Along the arrow of what it was built in with: turned once by the position, once by a check valve's own arrow.
    const isAsBuilt = turned.has(i) === (against.has(link.from) || against.has(link.to));
    const from = kindOf(split, link.from) === 'compressor' ? dischargeOf(link.from) : link.from;
    const to = kindOf(split, link.to) === 'compressor' ? suctionOf(link.to) : link.to;
    add(from, { to, isForward: true, isAsBuilt });
    add(to, { to: from, isForward: false, isAsBuilt: !isAsBuilt });
  });
  const none: CircuitPart = { id: '', kind: 'tube' };
  return {
    graph: split,
    nodes: [...parts.keys()],
    part: (node) => parts.get(node) ?? none,
    ways: (node) => ways.get(node) ?? [],
    hasRelief: split.parts.some(({ kind }) => kind === 'relief-valve'),
  };
}

/** Nodes of a part: one, or one for each of its passages. */
export const nodesOf = (network: Network, id: string): readonly string[] =>
  network.nodes.filter((node) => network.part(node).id === id || partOfPassage(node) === id);

export interface Limits {
  /** Nodes that nothing goes past. They are not in what is found. */
  readonly bars?: (node: string) => boolean;
  /** Whether gas gets from one side of this compressor to the other. */
  readonly passesCompressor?: (compressor: CircuitPart, isForward: boolean) => boolean;
  /** Through check valves only as they were built in: those that close tight, or all of them. */
  readonly checks?: 'tight' | 'all' | 'none';
}

function goes(network: Network, from: string, way: Way, limits: Limits): boolean {
  if (way.through) return limits.passesCompressor?.(way.through, way.isForward) ?? false;
  if (limits.bars?.(way.to)) return false;
  const holds = (node: string) => {
    const part = network.part(node);
    return part.kind === 'check-valve' && (limits.checks === 'all' || (limits.checks === 'tight' && part.closes === true));
  };
  return way.isAsBuilt || (!holds(from) && !holds(way.to));
}

/** Everything gas can get to from here. */
export function flood(network: Network, starts: readonly string[], limits: Limits = {}): ReadonlySet<string> {
  const found = new Set(starts);
  const open = [...starts];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    for (const way of network.ways(at)) {
      if (found.has(way.to) || !goes(network, at, way, limits)) continue;
      found.add(way.to);
      open.push(way.to);
    }
  }
  return found;
}

/** The way to a goal that passes the fewest nodes that cost something; null where there is none. */
export function cheapestWay(
  network: Network,
  { from, isGoal, costs }: { from: string; isGoal: (node: string) => boolean; costs: (node: string) => boolean },
  limits: Limits,
): readonly string[] | null {
  const best = new Map<string, number>([[from, 0]]);
  const queue: { node: string; cost: number; path: readonly string[] }[] = [{ node: from, cost: 0, path: [from] }];
  for (let next = queue.shift(); next; next = queue.shift()) {
    const { node, cost, path } = next;
    if (isGoal(node)) return path;
    for (const way of network.ways(node)) {
      if (!goes(network, node, way, limits)) continue;
      const reachedAt = cost + (costs(way.to) ? 1 : 0);
      if (reachedAt >= (best.get(way.to) ?? Infinity)) continue;
      best.set(way.to, reachedAt);
      const entry = { node: way.to, cost: reachedAt, path: [...path, way.to] };
      if (costs(way.to)) queue.push(entry);
      else queue.unshift(entry);
    }
  }
  return null;
}

/** Nodes that touch one of these. */
export const touches = (network: Network, node: string, set: ReadonlySet<string>): boolean =>
  network.ways(node).some((way) => !way.through && set.has(way.to));
