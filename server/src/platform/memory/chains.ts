import {
  commitmentsIn,
  erasedIn,
  isFlame,
  type Beside,
  type Chain,
  type EntryFact,
  type EntryKind,
  type JobLink,
  type LedgerLink,
} from '@kesto/core';
import { sortedBy, type MemoryLink, type MemoryRows } from './rows';

export const isOfChain = (of: Chain, id: string, { link }: MemoryLink) => link.content.chain.of === of && link.content.chain.id === id;

/** One chain as it is read: words that several of its entries commit to stand beside each of them. */
export function chainOf({ links }: MemoryRows, of: Chain, id: string): readonly LedgerLink[] {
  const own = sortedBy(
    links.filter((row) => isOfChain(of, id, row)),
    ({ link }) => link.content.sequence,
  ).map(({ link }) => link);
  const erased = erasedIn(own);
  const words: Beside = Object.assign({}, ...own.map(({ beside }) => beside)) as Beside; // cast: of all its links
  return own.map((link) => {
    const kept = commitmentsIn(link.content).flatMap((one) => (words[one] && !erased.has(one) ? [[one, words[one]]] : []));
    return { ...link, beside: Object.fromEntries(kept) as Beside }; // cast: by commitment
  });
}

export const jobChain = (rows: MemoryRows, jobId: string): readonly JobLink[] => chainOf(rows, 'job', jobId);

/** Rows of a chain that no later entry strikes out, in their order. */
export function standing({ links }: MemoryRows, of: Chain, id: string): readonly MemoryLink[] {
  const own = links.filter((row) => isOfChain(of, id, row));
  const struck = own.map(({ link: { content } }) => (content.said.kind === 'struck-out' ? content.said.corrects?.entry : undefined));
  return own.filter(({ link }) => !struck.includes(link.content.said.id));
}

const jointRows = (rows: MemoryRows, jointId: string) =>
  standing(rows, 'joint', jointId).map((row) => ({ ...row, kind: row.link.content.said.kind as EntryKind })); // cast: a joint's chain

/** What moves a joint from state to state. */
export const factsOfJoint = (rows: MemoryRows, jointId: string): readonly EntryFact[] =>
  jointRows(rows, jointId).map(({ kind, result }) => ({ kind, values: { result } }));

/** Rows of the flames at a joint that count. */
export const flamesOf = (rows: MemoryRows, jointId: string): readonly MemoryLink[] =>
  jointRows(rows, jointId).filter(({ kind }) => isFlame(kind));

/** When the last of them was lit; null where none was. */
export const lastFlameOf = (rows: MemoryRows, jointIds: readonly string[]): string | null =>
  jointIds
    .flatMap((id) => flamesOf(rows, id).map(({ at }) => at))
    .toSorted()
    .at(-1) ?? null;
