import type { CircuitKind } from '../vocabulary';
import { dischargeOf, flood, type Network } from './network';

/** Kinds that nobody shuts by hand or by a switch, whatever they hold back. */
const NOT_SHUT: readonly CircuitKind[] = ['compressor', 'check-valve', 'reversing-valve', 'condenser', 'evaporator', 'port'];

/** A part that was seen to close tight, and that somebody can shut. */
export function canShut(network: Network, node: string): boolean {
  const part = network.part(node);
  return part.closes === true && !NOT_SHUT.includes(part.kind);
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
