import { kindOf, type CircuitGraph } from './graph';

/** So many steps are spent on finding the longest way round: circuits of a hundred parts with a few branches need far fewer. */
const MOST_STEPS = 20_000;

/**
 * The longest way round from the compressor back to it, in flow order, compressor first.
 *
 * @param split  the circuit with its reversing valves split
 * @returns      ids on the loop; the longest way on from the compressor where nothing leads back to it; empty without a compressor
 */
export function mainLoop(split: CircuitGraph): readonly string[] {
  const start = split.parts.find((part) => part.kind === 'compressor')?.id;
  if (!start) return [];
  const next = new Map<string, string[]>();
  for (const { from, to } of split.links) next.set(from, [...(next.get(from) ?? []), to]);
  let best: readonly string[] = [];
  let open: readonly string[] = [start];
  let steps = 0;
  const path: string[] = [start];
  const on = new Set(path);
  const walk = (id: string): void => {
    const ahead = next.get(id) ?? [];
    if (ahead.length === 0 && weight(split, path) > weight(split, open)) open = [...path];
    for (const to of ahead) {
      if (++steps > MOST_STEPS) return;
      if (to === start && weight(split, path) > weight(split, best)) best = [...path];
      if (on.has(to)) continue;
      path.push(to);
      on.add(to);
      walk(to);
      path.pop();
      on.delete(to);
    }
  };
  walk(start);
  return best.length > 0 ? best : open;
}

/** Coils outweigh everything: the way round goes through them, not past them. */
const weight = (split: CircuitGraph, path: readonly string[]): number =>
  path.length + 100 * path.filter((id) => ['condenser', 'evaporator'].includes(kindOf(split, id) ?? '')).length;
