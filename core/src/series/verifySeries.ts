import { blockHash, decodeBlock } from './block';

/** Where a series is broken: by the place of its block, and how. */
export type SeriesBreak = {
  readonly block: number;
  readonly why: 'unreadable' | 'other-series' | 'out-of-place' | 'other-before' | 'counts-fall';
};

/** What a series that hangs together holds. */
export interface SeriesSeen {
  readonly blocks: number;
  readonly samples: number;
  /** Hash of its last block; null of an empty one. */
  readonly head: string | null;
  /** Counts that are missing between the first and the last. */
  readonly missing: number;
}

/**
 * Whether the blocks of a series hang together: each of it, in its place, after the one whose hash it names, its counts rising.
 *
 * @param hash  SHA-256 in hex, where a faster one is at hand
 */
export function verifySeries(
  series: string,
  blocks: readonly Uint8Array[],
  hash: (bytes: Uint8Array) => string = blockHash,
): { readonly ok: true; readonly seen: SeriesSeen } | { readonly ok: false; readonly broken: SeriesBreak } {
  let head: string | null = null;
  let lastN = 0;
  let samples = 0;
  for (const [i, bytes] of blocks.entries()) {
    const broken = (why: SeriesBreak['why']) => ({ ok: false as const, broken: { block: i + 1, why } });
    let block;
    try {
      block = decodeBlock(bytes);
    } catch {
      return broken('unreadable');
    }
    if (block.series !== series) return broken('other-series');
    if (block.sequence !== i + 1) return broken('out-of-place');
    if (block.previous !== head) return broken('other-before');
    for (const { n } of block.samples) {
      if (n <= lastN) return broken('counts-fall');
      lastN = n;
    }
    samples += block.samples.length;
    head = hash(bytes);
  }
  return { ok: true, seen: { blocks: blocks.length, samples, head, missing: lastN - samples } };
}
