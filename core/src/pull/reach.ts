import { partOfPassage, type CircuitGraph } from '../circuit/graph';
import type { CircuitKind } from '../vocabulary';
import { flood, networkOf, nodesOf, splitForGas, type Network } from '../isolate/network';

/** What a pump reaches through its hoses. Ids of parts, in the order of the drawing. */
export interface PullReach {
  /** Behind what stands shut, or against a check valve: no vacuum gets there. */
  readonly unreached: readonly string[];
  /** Of what keeps it from there: to be opened, by coil, magnet or driver. */
  readonly openFirst: readonly string[];
  /** Reached through a narrow way alone: slowly, and a gauge elsewhere tells little of it. */
  readonly badly: readonly string[];
}

const STOPS_SHUT: readonly CircuitKind[] = ['valve', 'solenoid', 'expansion-valve'];
const NARROW: readonly CircuitKind[] = ['expansion-valve', 'capillary'];

/** The same network with every way turned round: gas is drawn to the hoses, it does not come from them. */
function drawnFrom(network: Network): Network {
  return {
    ...network,
    ways: (node) => network.ways(node).map((way) => ({ ...way, isAsBuilt: !way.isAsBuilt, isForward: !way.isForward })),
  };
}

/**
 * What a pump reaches.
 *
 * @param circuit  as drawn, with what stands shut
 * @param ports    ids of the parts the hoses hang on
 * @returns        ids of parts not reached, of what to open, and of what is reached badly
 * @source         practice: gas under vacuum passes no shut valve, no check valve against its way, and lifts no valve of a standing compressor
 */
export function pullReach(circuit: CircuitGraph, ports: readonly string[]): PullReach {
  const network = drawnFrom(networkOf(splitForGas(circuit)));
  const starts = ports.flatMap((id) => nodesOf(network, id));
  const is = (node: string, kinds: readonly CircuitKind[]) => kinds.includes(network.part(node).kind);
  const isShut = (node: string) => network.part(node).open === false && is(node, STOPS_SHUT) && !starts.includes(node);
  const got = flood(network, starts, { bars: isShut, checks: 'all' });
  const easily = flood(network, starts, { bars: (node) => isShut(node) || (is(node, NARROW) && !starts.includes(node)), checks: 'all' });
  const ids = circuit.parts.map(({ id }) => id);
  const all = (set: ReadonlySet<string>) => ids.filter((id) => nodesOf(network, id).every((node) => set.has(node)));
  const reached = all(got);
  const touched = network.nodes.filter((node) => isShut(node) && network.ways(node).some(({ to }) => got.has(to)));
  // A shut part that gas comes up to from one side alone is not behind itself: what lies past it is.
  const shut = new Set(touched.map(partOfPassage));
  const quick = all(easily);
  return {
    unreached: ids.filter((id) => !reached.includes(id) && !shut.has(id)),
    openFirst: ids.filter((id) => shut.has(id)),
    badly: reached.filter((id) => !quick.includes(id) && !NARROW.includes(circuit.parts.find((part) => part.id === id)?.kind ?? 'tube')),
  };
}
