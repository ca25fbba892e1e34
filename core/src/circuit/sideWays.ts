import type { CircuitGraph } from './graph';

/** A way that leaves the main loop: back to it, or to an end. */
export interface SideWay {
  readonly from: string;
  readonly parts: readonly string[];
  readonly to: string | null;
}

/**
 * Everything beside the main loop, as ways in flow order: each part once, those on ways that come back before those that end.
 *
 * @param split  the circuit with its reversing valves split
 * @param loop   ids on the main loop
 */
export function offTheLoop(split: CircuitGraph, loop: readonly string[]): readonly SideWay[] {
  const taken = new Set(loop);
  const ways: SideWay[] = [];
  // A way may leave from a part of another way: loop parts first, then whatever was found.
  const hosts = [...loop];
  for (let i = 0; i < hosts.length; i++) {
    for (const link of split.links.filter((l) => l.from === hosts[i] && !taken.has(l.to))) {
      if (taken.has(link.to)) continue;
      const way = follow(split, link.to, taken);
      ways.push({ from: link.from, ...way });
      for (const id of way.parts) taken.add(id);
      hosts.push(...way.parts);
    }
  }
  return [...ways].sort((a, b) => Number(a.to === null) - Number(b.to === null));
}

/** Along the flow from a part until a taken one, or the end; where it forks, the way that comes back. */
function follow(split: CircuitGraph, start: string, taken: ReadonlySet<string>): Omit<SideWay, 'from'> {
  const onWay = new Set<string>();
  const parts: string[] = [];
  for (let at = start; ;) {
    parts.push(at);
    onWay.add(at);
    const ahead = split.links.filter((link) => link.from === at && !onWay.has(link.to)).map((link) => link.to);
    const home = ahead.find((id) => taken.has(id));
    if (home !== undefined) return { parts, to: home };
    const next = ahead.find((id) => split.links.some((link) => link.from === id)) ?? ahead[0];
    if (next === undefined) return { parts, to: null };
    at = next;
  }
}
