import type { FlowGraph } from '../circuit/checks';
import { partOfPassage, passage, type CircuitLink } from '../circuit/graph';
import type { CircuitKind } from '../vocabulary';
import { networkOf, type Network } from './network';

const OTHER: Partial<Record<CircuitKind, CircuitKind>> = { condenser: 'evaporator', evaporator: 'condenser' };

/** Indices of the links from the valve's high passage round to its low one. */
function roundOf(split: FlowGraph, valve: string): ReadonlySet<number> {
  const found = new Set<number>();
  const seen = new Set<string>();
  const open = [passage(valve, 'high')];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    if (seen.has(at) || at === passage(valve, 'low')) continue;
    seen.add(at);
    split.links.forEach((link, i) => {
      if (link.from !== at) return;
      found.add(i);
      open.push(link.to);
    });
  }
  return found;
}

/**
 * A heat pump with its reversing valve the other way: what condensed evaporates, and the flow between turns round.
 *
 * @param split  the circuit split for gas, in the position it is drawn in
 * @returns      its network; null without exactly one reversing valve
 */
export function otherPosition(split: FlowGraph): Network | null {
  const valves = split.parts.filter((part) => part.kind === 'reversing-valve' && part.id.endsWith('/high'));
  const [first] = valves;
  if (!first || valves.length !== 1) return null;
  const valve = partOfPassage(first.id);
  const round = roundOf(split, valve);
  const [high, low] = [passage(valve, 'high'), passage(valve, 'low')];
  const swap = (id: string) => (id === high ? low : id === low ? high : id);
  const turn = (link: CircuitLink): CircuitLink => ({ ...link, from: swap(link.to), to: swap(link.from) });
  const parts = split.parts.map((part) => ({ ...part, kind: OTHER[part.kind] ?? part.kind }));
  const links = split.links.map((link, i) => (round.has(i) ? turn(link) : link));
  return networkOf({ parts, links }, round);
}
