import { partOfPassage, splitReversing, highSide, type CircuitGraph } from '../circuit/graph';
import { flood, networkOf, nodesOf, splitForGas, type Network } from '../isolate/network';

/** How far the test gas of a hold gets. Ids of parts, in the order of the drawing. */
export interface HoldReach {
  /** All that no barrier parts from the inlet: its limits count, whether the gas gets there at once or not. */
  readonly reached: readonly string[];
  /** Of what was to be held: what the gas does not get into as things stand. */
  readonly untested: readonly string[];
  /** What stands shut on the way there: to be opened first. */
  readonly openFirst: readonly string[];
  /** Hand valves that stand open and part this section from the rest: to be shut. */
  readonly shut: readonly string[];
  /** Pairs on both sides of what the gas would push the wrong way: equal pressure on both first. */
  readonly equalise: readonly (readonly [string, string])[];
  /** Whether anything of the low side, or a shell that counts as low, is reached. */
  readonly compressors: readonly string[];
  readonly isLowReached: boolean;
}

/** A hand valve that was seen to close. Nothing else parts two limits: back pressure lifts a solenoid, a warm bulb opens an expansion valve. */
const parts = (network: Network, node: string): boolean => {
  const { kind, closes } = network.part(node);
  return kind === 'valve' && closes === true;
};

const STOPS_SHUT = ['valve', 'solenoid', 'expansion-valve'];

/** Ids of what lies on the low side whichever way the machine runs: on a reversible one only from the reversing valve to the compressor. */
export function lowParts(circuit: CircuitGraph): ReadonlySet<string> {
  const split = splitReversing(circuit);
  const high = highSide(split);
  const isReversible = circuit.parts.some(({ kind }) => kind === 'reversing-valve');
  if (!isReversible) {
    const isHigh = (id: string) => [...high].some((node) => partOfPassage(node) === id);
    return new Set(circuit.parts.filter(({ id, kind }) => kind !== 'compressor' && !isHigh(id)).map(({ id }) => id));
  }
  const bars = (node: string) => ['evaporator', 'condenser', 'expansion-valve', 'capillary'].includes(kindIn(split, node));
  const found = new Set<string>();
  const open = split.parts.filter(({ kind }) => kind === 'compressor').map(({ id }) => id);
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    for (const { from, to } of split.links) {
      if (to !== at || found.has(from) || bars(from)) continue;
      found.add(from);
      if (!from.endsWith('/low')) open.push(from);
    }
  }
  return new Set([...found].filter((node) => !node.includes('/') && kindIn(split, node) !== 'compressor'));
}

const kindIn = (graph: { readonly parts: readonly { readonly id: string; readonly kind: string }[] }, id: string): string =>
  graph.parts.find((part) => part.id === id)?.kind ?? 'tube';

/** Both ends of what gas passes one way alone, where only its far end is reached. */
function pushedWrong(network: Network, within: ReadonlySet<string>, tested: ReadonlySet<string>): (readonly [string, string])[] {
  const pairs: (readonly [string, string])[] = [];
  for (const node of network.nodes) {
    const { kind, id } = network.part(node);
    const ways = network.ways(node);
    if (kind === 'compressor' && node.endsWith('/high') && within.has(node)) {
      const before = network.ways(`${id}/low`).find(({ isForward, through }) => !isForward && !through)?.to;
      const after = ways.find(({ isForward, through }) => isForward && !through)?.to;
      // Filled from its suction, the gas goes through as it does in service.
      if (before !== undefined && after !== undefined && tested.has(node) && !tested.has(`${id}/low`)) pairs.push([before, after]);
    }
    if ((kind === 'check-valve' || kind === 'solenoid') && within.has(node)) {
      const before = ways.find(({ isAsBuilt }) => !isAsBuilt)?.to;
      const after = ways.find(({ isAsBuilt }) => isAsBuilt)?.to;
      if (before !== undefined && after !== undefined && tested.has(after) && !tested.has(before)) pairs.push([before, after]);
    }
  }
  return pairs.map(([before, after]) => [partOfPassage(before), partOfPassage(after)] as const);
}

/**
 * How far the gas of a hold gets, and what it would push.
 *
 * @param circuit  as drawn
 * @param section  ids of the parts that are to be held
 * @param at       id of the part the gas is let in at
 * @returns        ids of parts: what is reached, what of the section is not, what to open and to shut first, pairs to equalise
 * @source         practice: only a hand valve that closes parts two limits; gas passes a compressor with the flow, a check valve as it was built in
 */
export function holdReach(circuit: CircuitGraph, section: readonly string[], at: string): HoldReach {
  const network = networkOf(splitForGas(circuit));
  const isShut = (node: string) => network.part(node).open === false;
  const isIn = (node: string) => section.includes(partOfPassage(node));
  const isBarrier = (node: string) => parts(network, node) && partOfPassage(node) !== at && (isShut(node) || !isIn(node));
  const starts = nodesOf(network, at);
  const within = flood(network, starts, { bars: isBarrier, passesCompressor: () => true });
  const isClosed = (node: string) => isShut(node) && STOPS_SHUT.includes(network.part(node).kind) && partOfPassage(node) !== at;
  const tested = flood(network, starts, {
    bars: (node) => isBarrier(node) || isClosed(node),
    passesCompressor: (_compressor, isForward) => isForward,
    checks: 'all',
  });
  const ids = circuit.parts.map(({ id }) => id);
  const all = (set: ReadonlySet<string>) => ids.filter((id) => nodesOf(network, id).some((node) => set.has(node)));
  const reached = all(within);
  const got = all(tested);
  const low = lowParts(circuit);
  const touched = (node: string, set: ReadonlySet<string>) => network.ways(node).some(({ to, through }) => !through && set.has(to));
  const shutHere = network.nodes.filter((node) => isShut(node) && STOPS_SHUT.includes(network.part(node).kind) && !tested.has(node));
  const compressors = reached.filter((id) => kindIn(circuit, id) === 'compressor');
  return {
    reached,
    untested: ids.filter((id) => (reached.includes(id) || section.includes(id)) && !got.includes(id)),
    openFirst: [...new Set(shutHere.filter((node) => touched(node, tested) && (within.has(node) || isIn(node))).map(partOfPassage))],
    shut: [...new Set(network.nodes.filter((node) => isBarrier(node) && !isShut(node) && touched(node, within)).map(partOfPassage))],
    equalise: pushedWrong(network, within, tested),
    compressors,
    isLowReached: reached.some((id) => low.has(id)),
  };
}
