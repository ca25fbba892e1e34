import { flood, touches, type Network } from './network';
import { isShut, VESSELS } from './valves';

/** How things stand once a way is taken: what was shut for it, what was opened, what is empty then. */
export interface Standing {
  readonly shut: readonly string[];
  readonly open: readonly string[];
  readonly emptied: ReadonlySet<string>;
}

/** Liquid between shut parts, with no vessel that has room for its growth. */
export interface LockedPiece {
  readonly piece: ReadonlySet<string>;
  /** Of what was shut for this way, what bounds it; none where it was locked in before. */
  readonly by: readonly string[];
}

/** Pieces that liquid fills and nothing lets it out of. Source: a line full of liquid that warms by a kelvin rises by some 10 bar. */
export function lockedIn(network: Network, { shut, open, emptied }: Standing): readonly LockedPiece[] {
  const walls = new Set([...shut, ...network.nodes.filter((node) => isShut(network, node) && !open.includes(node))]);
  const left = new Set(network.nodes.filter((node) => !emptied.has(node) && !walls.has(node)));
  const locked: LockedPiece[] = [];
  for (const start of left) {
    const piece = flood(network, [start], { bars: (node) => walls.has(node), passesCompressor: () => true });
    for (const node of piece) left.delete(node);
    const ends = [...walls].filter((node) => touches(network, node, piece));
    const hasRoom = [...piece].some((node) => VESSELS.includes(network.part(node).kind) || emptied.has(node));
    if (!hasRoom && ends.length > 1) locked.push({ piece, by: ends.filter((node) => shut.includes(node)) });
  }
  return locked;
}

/** So many sets of valves are tried before it is given up. */
const MOST_SETS = 40;

type Attempt<T, F> = { readonly done: T; readonly locked: readonly LockedPiece[] } | { readonly failed: F };
/** With a set found; or why not: the first failure, and the nodes that the first sets would have locked in. */
export type Searched<T, F> = { readonly done: T } | { readonly failed: F | null; readonly locked: readonly string[] | null };

/**
 * A set of valves that locks no liquid in by itself: the nearest first, then without those that would.
 *
 * @param attempt  with these nodes left as they are
 */
export function withoutLock<T, F>(attempt: (left: ReadonlySet<string>) => Attempt<T, F>): Searched<T, F> {
  const sets: ReadonlySet<string>[] = [new Set()];
  let failed: F | null = null;
  let locked: readonly string[] | null = null;
  for (let tries = 0; tries < MOST_SETS; tries++) {
    const left = sets.shift();
    if (!left) break;
    const tried = attempt(left);
    if ('failed' in tried) {
      failed ??= tried.failed;
      continue;
    }
    if (tried.locked.length === 0) return { done: tried.done };
    locked ??= tried.locked.flatMap(({ piece }) => [...piece]);
    for (const node of tried.locked.flatMap(({ by }) => by)) sets.push(new Set([...left, node]));
  }
  return { failed, locked };
}

/** Those that this way itself would lock in. */
export const lockedBy = (network: Network, standing: Standing): readonly LockedPiece[] =>
  lockedIn(network, standing).filter(({ by }) => by.length > 0);
