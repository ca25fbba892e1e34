import type { CircuitKind } from '../vocabulary';
import { dischargeOf, flood, type Network } from './network';

/** Where a charge is pumped to. */
export const STORES: readonly CircuitKind[] = ['condenser', 'receiver'];
/** What holds liquid and has room for its growth, or a compressor: what a relief valve stands guard over. */
export const VESSELS: readonly CircuitKind[] = ['condenser', 'receiver', 'evaporator', 'accumulator', 'compressor'];

/** Whether shutting this would leave a relief valve alone behind it. */
function wouldShutOffRelief(network: Network, node: string): boolean {
  if (!network.hasRelief) return false;
  return network.ways(node).some(({ to }) => {
    const behind = flood(network, [to], { bars: (other) => other === node, passesCompressor: () => true });
    const kinds = [...behind].map((other) => network.part(other).kind);
    return kinds.includes('relief-valve') && !kinds.some((kind) => VESSELS.includes(kind));
  });
}

/**
 * A hand valve that was seen to close tight, and that does not stand before a relief valve: nothing else holds a charge back from a flame.
 * Back pressure lifts a pilot solenoid, a warm bulb opens an expansion valve, a check valve lets by.
 */
export function canShut(network: Network, node: string): boolean {
  const part = network.part(node);
  return part.kind === 'valve' && part.closes === true && !wouldShutOffRelief(network, node);
}

export const isShut = (network: Network, node: string): boolean => network.part(node).open === false;

function withTheFlow(network: Network, starts: readonly string[], isForward: boolean, ends: (node: string) => boolean): Set<string> {
  const found = new Set(starts);
  const open = [...starts];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    if (ends(at) && !starts.includes(at)) continue;
    for (const way of network.ways(at)) {
      if (way.through || way.isForward !== isForward || found.has(way.to)) continue;
      found.add(way.to);
      open.push(way.to);
    }
  }
  return found;
}

/** Nodes on a way with the flow from these compressors to a part of that kind: a valve shut there would lock the discharge in. */
export function between(network: Network, compressors: readonly string[], kind: CircuitKind): ReadonlySet<string> {
  const isGoal = (node: string) => network.part(node).kind === kind;
  const after = withTheFlow(network, compressors.map(dischargeOf), true, isGoal);
  const before = withTheFlow(network, network.nodes.filter(isGoal), false, () => false);
  return new Set([...after].filter((node) => before.has(node) && !isGoal(node)));
}

/** Everything that is connected to these, whatever is shut. */
export const joinedTo = (network: Network, starts: readonly string[]): ReadonlySet<string> =>
  flood(network, starts, { passesCompressor: () => true });
