import { partOfPassage } from '../circuit/graph';
import { flood, networkOf, nodesOf, splitForGas } from '../isolate/network';
const STOPS_SHUT = ['valve', 'solenoid', 'expansion-valve'];
const NARROW = ['expansion-valve', 'capillary'];
/** The same network with every way turned round: gas is drawn to the hoses, it does not come from them. */
function drawnFrom(network) {
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
export function pullReach(circuit, ports) {
  const network = drawnFrom(networkOf(splitForGas(circuit)));
  const starts = ports.flatMap((id) => nodesOf(network, id));
  const is = (node, kinds) => kinds.includes(network.part(node).kind);
  const isShut = (node) => network.part(node).open === false && is(node, STOPS_SHUT) && !starts.includes(node);
  const got = flood(network, starts, { bars: isShut, checks: 'all' });
  const easily = flood(network, starts, { bars: (node) => isShut(node) || (is(node, NARROW) && !starts.includes(node)), checks: 'all' });
  const ids = circuit.parts.map(({ id }) => id);
  const all = (set) => ids.filter((id) => nodesOf(network, id).every((node) => set.has(node)));
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
