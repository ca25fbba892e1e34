import type { EntryContent3 } from '../ledger/entry';
import { verifySeries } from '../series/verifySeries';
import { bytesHash } from './chain';
import type { Parts } from './parts';

/** Where a series stands in a job's file, one part a block. */
export const seriesPath = (series: string, sequence: number): string => `series/${series}/${String(sequence).padStart(6, '0')}.block`;

/** Where an entry says that a series stood. */
interface SaidHead {
  readonly entry: number;
  readonly series: string;
  readonly blocks: number;
  readonly head: string | null;
}

const isSaid = (value: unknown): value is Omit<SaidHead, 'entry'> =>
  typeof value === 'object' && value !== null && 'series' in value && 'blocks' in value && 'head' in value;

/** Heads that a job's chain names: once an hour, and of each verdict what it was made from. */
function saidHeads(contents: readonly EntryContent3[]): readonly SaidHead[] {
  return contents.flatMap(({ said, worked, sequence }) => {
    const values: unknown = worked?.values;
    const ended =
      (said.kind === 'hold-ended' || said.kind === 'rise') && typeof values === 'object' && values !== null && 'series' in values
        ? values.series
        : [];
    const all: readonly unknown[] = said.kind === 'series-stands' ? [said.told] : Array.isArray(ended) ? ended : [];
    return all.filter(isSaid).map((head) => ({ entry: sequence, series: head.series, blocks: head.blocks, head: head.head }));
  });
}

export interface SeriesFileBreak {
  readonly in: string;
  readonly entry?: number;
  readonly why: 'series-broken' | 'series-missing';
}

function blocksIn(parts: Parts, series: string): readonly Uint8Array[] {
  const blocks: Uint8Array[] = [];
  for (let bytes = parts.get(seriesPath(series, 1)); bytes; bytes = parts.get(seriesPath(series, blocks.length + 1))) blocks.push(bytes);
  return blocks;
}

/**
 * Whether the series that a job's chain speaks of are in its file, hang together, and hold the heads that its verdicts were made from.
 *
 * @param jobPath  the part of the job's own chain
 * @returns        the first that does not; null where all do
 */
export function seriesBreak(contents: readonly EntryContent3[], parts: Parts, jobPath: string): SeriesFileBreak | null {
  const began = contents.filter(({ said }) => said.kind === 'series-began').map(({ said }) => String(said.told['series']));
  const said = saidHeads(contents);
  for (const series of new Set([...began, ...said.map((head) => head.series)])) {
    const blocks = blocksIn(parts, series);
    const seen = verifySeries(series, blocks, bytesHash);
    if (!seen.ok) return { in: seriesPath(series, seen.broken.block), why: 'series-broken' };
    for (const { entry, blocks: count, head, series: of } of said) {
      if (of !== series || head === null) continue;
      const last = blocks[count - 1];
      if (!last || bytesHash(last) !== head) return { in: jobPath, entry, why: last ? 'series-broken' : 'series-missing' };
    }
  }
  return null;
}
