import type { CircuitKind } from '../vocabulary';
import { alongFlow, withoutBypassed, type FlowGraph } from './checks';
import type { Quantity } from '../unit/units';

/** One part of a circuit, as it stands on its drawing. */
export interface CircuitPart {
  readonly id: string;
  readonly kind: CircuitKind;
  readonly name?: string;
  /** Of a valve: it was seen to shut tight, or seen not to. Left out: nobody knows, and it counts as open. */
  readonly closes?: boolean;
  /** Why it does not. */
  readonly fault?: 'stripped' | 'seized';
  /** How it stands now; left out: open. */
  readonly open?: boolean;
  /** Of a compressor: it runs, or can be made to. */
  readonly runs?: boolean;
  /** What its maker allows at most. */
  readonly limits?: { readonly pressure?: Quantity; readonly test?: Quantity; readonly relief?: Quantity };
  /** Water or brine flows on its other side. */
  readonly water?: boolean;
  /** Of a port. */
  readonly core?: 'in' | 'out';
  readonly volume?: Quantity;
  /** Of a coil: the fan that blows through it and through every other coil that names it, of this circuit or of another. */
  readonly fan?: string;
  /** Of a drier: it works in both directions of flow. */
  readonly twoWay?: boolean;
}

/** A way from one part to the next, in the direction of flow. */
export interface CircuitLink {
  readonly from: string;
  readonly to: string;
  readonly tube?: {
    readonly od: Quantity;
    readonly wall?: Quantity;
    readonly length?: Quantity;
    /** Nobody measured it: it counts in volumes, starred, and says nothing of what is near. */
    readonly lengthAssumed?: true;
  };
  /** A gauge can be put on it. */
  readonly tap?: boolean;
  /** Indoors and outdoors meet on it: the tube vanishes into a wall. */
  readonly throughWall?: boolean;
}

export interface CircuitGraph {
  readonly parts: readonly CircuitPart[];
  readonly links: readonly CircuitLink[];
}

/** A tube as a place: by the two parts it joins. */
export const tubePlace = ({ from, to }: Pick<CircuitLink, 'from' | 'to'>): string => `${from}>${to}`;

/** Length of a tube as somebody measured it. */
export const measuredLength = ({ tube }: CircuitLink): Quantity | undefined => (tube?.lengthAssumed ? undefined : tube?.length);

/** Where the pressure is let down. */
export const LETS_DOWN: readonly CircuitKind[] = ['expansion-valve', 'capillary'];
const COILS: readonly CircuitKind[] = ['condenser', 'evaporator'];

export const kindOf = (graph: CircuitGraph, id: string): CircuitKind | undefined => graph.parts.find((part) => part.id === id)?.kind;

/** Everything that can be reached from a part along the flow (or against it), not past parts of the kinds that bar the way. */
export function reached(
  graph: CircuitGraph,
  start: string,
  way: 'downstream' | 'upstream',
  bars: readonly CircuitKind[],
): ReadonlySet<string> {
  const found = new Set<string>();
  const open = [start];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    const kind = kindOf(graph, at);
    if (at !== start && kind && bars.includes(kind)) continue;
    for (const link of graph.links) {
      const [here, next] = way === 'downstream' ? [link.from, link.to] : [link.to, link.from];
      if (here !== at || found.has(next)) continue;
      found.add(next);
      open.push(next);
    }
  }
  return found;
}

/** Ids of a reversing valve's two passages: from the discharge to the coil that condenses, and back to the suction. */
export const passage = (id: string, side: 'high' | 'low') => `${id}/${side}`;
/** The part a passage belongs to; other parts belong to themselves. */
export const partOfPassage = (id: string): string => id.split('/')[0] ?? id;

/**
 * The circuit along its flow with each reversing valve split into its two passages, so that every way through it is one that gas can take.
 *
 * What comes from a compressor with no coil between goes through the high passage; what leads to a compressor with no coil between
 * leaves the low one.
 *
 * @source  the four ports of a reversing valve: discharge, suction, and one for each coil
 */
export function splitReversing(drawn: CircuitGraph): FlowGraph {
  const flow = alongFlow(drawn);
  const graph = withoutBypassed(flow);
  const valves = graph.parts.filter((part) => part.kind === 'reversing-valve').map((part) => part.id);
  if (valves.length === 0) return flow;
  const bars: readonly CircuitKind[] = [...COILS, ...LETS_DOWN, 'reversing-valve'];
  const isCompressor = (id: string) => kindOf(graph, id) === 'compressor';
  const meets = (id: string, way: 'downstream' | 'upstream') =>
    isCompressor(id) || (!barred(id) && [...reached(graph, id, way, bars)].some(isCompressor));
  const barred = (id: string) => bars.includes(kindOf(graph, id) ?? 'tube');
  const end = (id: string, other: string, way: 'downstream' | 'upstream') => {
    if (!valves.includes(id)) return id;
    const byCompressor = meets(other, way);
    return passage(id, (way === 'upstream') === byCompressor ? 'high' : 'low');
  };
  return {
    parts: flow.parts.flatMap((part) =>
      valves.includes(part.id)
        ? [
            { ...part, id: passage(part.id, 'high') },
            { ...part, id: passage(part.id, 'low') },
          ]
        : [part],
    ),
    links: flow.links.map((link) => ({
      ...link,
      from: end(link.from, link.to, 'downstream'),
      to: end(link.to, link.from, 'upstream'),
    })),
  };
}

/**
 * Ids of what lies on the high side, in the circuit with its reversing valves split: downstream of a compressor, up to where the pressure is
 * let down. What lies behind that is low, though a bypass of hot gas leads there as well: what is in the bypass lets its pressure down.
 */
export function highSide(flow: FlowGraph): ReadonlySet<string> {
  const split = withoutBypassed(flow);
  const found = new Set<string>();
  const low = new Set(
    split.parts.flatMap(({ id, kind }) => (LETS_DOWN.includes(kind) ? [...reached(split, id, 'downstream', ['compressor'])] : [])),
  );
  for (const { id, kind } of split.parts) {
    if (kind !== 'compressor') continue;
    for (const part of reached(split, id, 'downstream', [...LETS_DOWN, 'compressor']))
      if (kindOf(split, part) !== 'compressor' && !low.has(part)) found.add(part);
  }
  return found;
}

/** Ids of the parts of a circuit, as it is drawn, that lie on the high side; a reversing valve lies on both and counts as high. */
export const highParts = (graph: CircuitGraph): ReadonlySet<string> => new Set([...highSide(splitReversing(graph))].map(partOfPassage));
