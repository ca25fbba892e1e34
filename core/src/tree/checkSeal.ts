import type { Head } from '../ledger/entry';
import type { AnyLink } from '../ledger/verifyChain';
import type { Chain } from '../ledger/row';
import { hashOfLeaf, keyHandedOver, type KeyLeaf, type Leaf, type RestoredLeaf } from './leaf';
import { isContinued, isIncluded } from './merkle';
import type { ProvedLeaf, Seal } from './seal';
import type { Label } from './label';
import { isLabelSignedBy } from './labelSignature';
import { isSignedBy } from './signature';
import { isSignedHead, type SignedTreeHead } from './treeHead';

/** A chain of the file that is checked. */
export interface SealedChain {
  readonly of: Chain;
  readonly id: string;
  /** A joint's tag; a job's number. */
  readonly name: string;
  readonly links: readonly AnyLink[];
}

export const SEAL_BREAKS = [
  ...(['head-not-signed', 'key-not-in-tree', 'key-not-handed-over', 'not-in-tree', 'proof-wrong', 'chain-not-sealed'] as const),
  ...(['older-not-signed', 'older-of-another-shop', 'older-key-unknown', 'tree-made-anew', 'two-trees'] as const),
  ...(['chain-cut-short', 'chain-made-anew'] as const),
] as const;
export type SealBreakReason = (typeof SEAL_BREAKS)[number];

/** What does not hold; `in`: a chain, by its tag or number. */
export interface SealBreak {
  readonly why: SealBreakReason;
  readonly in?: string;
  readonly entry?: number;
}

export const SEAL_NOTES = [
  ...([
    'not-sealed-yet',
    'key-changed',
    'key-lost',
    'key-stolen',
    'restored',
    'lost-by-restore',
    'this-is-older',
    'no-proof-from-there',
  ] as const),
] as const;

/** What is to be said of a seal that holds. `at`: when; `entries`: how many of a chain came after it was sealed. */
export interface SealNote {
  readonly what: (typeof SEAL_NOTES)[number];
  readonly at?: string;
  readonly in?: string;
  readonly entries?: number;
}

/** What somebody kept from before: the seal of a copy or of a tree head, a label, and where chains stood by it. */
export interface Older {
  readonly seal: Seal | null;
  readonly label: Label | null;
  readonly heads: readonly Head[];
}

export type SealCheck =
  | { readonly holds: true; readonly notes: readonly SealNote[]; readonly older: 'continued' | 'not-compared' | null }
  | { readonly holds: false; readonly broken: SealBreak };

const broken = (why: SealBreakReason, at: Omit<SealBreak, 'why'> = {}): SealCheck => ({ holds: false, broken: { why, ...at } });

type Of<What extends Leaf['what']> = Extract<Leaf, { readonly what: What }>;
const leavesOf = <What extends Leaf['what']>({ leaves }: Seal, what: What): readonly (ProvedLeaf & { readonly leaf: Of<What> })[] =>
  leaves.filter((one): one is ProvedLeaf & { readonly leaf: Of<What> } => one.leaf.what === what);

/** The keys of a tree in their order: each handed over by the one before, or said not to be. */
function keysBreak(seal: Seal): SealBreakReason | null {
  const keys = leavesOf(seal, 'key').toSorted((a, b) => a.index - b.index);
  const [first] = keys;
  if (first?.index !== 0 || first.leaf.why !== 'first') return 'key-not-in-tree';
  for (const [i, { leaf }] of keys.entries()) {
    const before = keys[i - 1]?.leaf.key ?? null;
    if (leaf.before !== before) return 'key-not-handed-over';
    const isHandedOver =
      leaf.before !== null &&
      leaf.signature !== null &&
      isSignedBy({ alg: 'Ed25519', key: leaf.before }, keyHandedOver(seal.treeHead.origin, leaf), leaf.signature);
    if (leaf.why === 'changed' && !isHandedOver) return 'key-not-handed-over';
  }
  return keys.at(-1)?.leaf.key === seal.treeHead.key ? null : 'key-not-in-tree';
}

/** Each chain stood somewhere in the tree as this file has it. */
function chainsBreak(seal: Seal, chains: readonly SealedChain[]): SealBreak | null {
  const heads = leavesOf(seal, 'head');
  for (const { of, id, name, links } of chains) {
    const own = heads.filter(({ leaf }) => leaf.of === of && leaf.id === id);
    if (own.length === 0) return { why: 'chain-not-sealed', in: name };
    const other = own.find(({ leaf }) => links[leaf.sequence - 1]?.hash !== leaf.hash);
    if (other)
      return { why: other.leaf.sequence > links.length ? 'chain-cut-short' : 'chain-made-anew', in: name, entry: other.leaf.sequence };
  }
  return null;
}

function unsealed(seal: Seal, { of, id, name, links }: SealedChain): readonly SealNote[] {
  const sequences = leavesOf(seal, 'head').flatMap(({ leaf }) => (leaf.of === of && leaf.id === id ? [leaf.sequence] : []));
  const entries = links.length - Math.max(0, ...sequences);
  return entries > 0 ? [{ what: 'not-sealed-yet', in: name, entries }] : [];
}

const KEY_NOTES = { changed: 'key-changed', lost: 'key-lost', stolen: 'key-stolen' } as const;

function notesOf(seal: Seal, chains: readonly SealedChain[]): readonly SealNote[] {
  return [
    ...leavesOf(seal, 'key').flatMap(({ leaf }) => (leaf.why === 'first' ? [] : [{ what: KEY_NOTES[leaf.why], at: leaf.at }])),
    ...leavesOf(seal, 'restored').map(({ leaf }) => ({ what: 'restored' as const, at: leaf.at })),
    ...chains.flatMap((chain) => unsealed(seal, chain)),
  ];
}

/** Restores that a tree head of before did not know of yet, the earliest first. */
const restoresSince = (seal: Seal, epoch: number): readonly RestoredLeaf[] =>
  leavesOf(seal, 'restored')
    .map(({ leaf }) => leaf)
    .filter((leaf) => leaf.epoch > epoch)
    .toSorted((a, b) => a.epoch - b.epoch);

/** What a stolen key says of a tree larger than is proved. */
const isNotProved = (seal: Seal, { key, size }: SignedTreeHead): boolean =>
  leavesOf(seal, 'key').some(({ leaf }) => leaf.why === 'stolen' && leaf.before === key && leaf.notAfter !== null && size > leaf.notAfter);

const knowsKey = (seal: Seal, key: string): boolean =>
  leavesOf(seal, 'key').some(({ leaf }: { readonly leaf: KeyLeaf }) => leaf.key === key);

/** How a tree head stands to a seal of the same shop: its beginning, or not to be told, or of another tree. */
function treeAgainst(seal: Seal, older: SignedTreeHead): SealBreakReason | 'continued' | SealNote {
  const now = seal.treeHead;
  if (!isSignedHead(older)) return 'older-not-signed';
  if (older.origin !== now.origin) return 'older-of-another-shop';
  if (!knowsKey(seal, older.key)) return 'older-key-unknown';
  if (isNotProved(seal, older)) return { what: 'key-stolen' };
  const [restore] = restoresSince(seal, older.epoch);
  if (restore && older.size > restore.size) return { what: 'lost-by-restore', at: restore.at };
  if (older.size === now.size) return older.root === now.root ? 'continued' : 'two-trees';
  const proof = seal.continued.find(({ size }) => size === older.size);
  if (!proof) return { what: 'no-proof-from-there' };
  return proof.root === older.root ? 'continued' : 'tree-made-anew';
}

/** Larger than the file's, and no restore says why: then it is the file that has to be the beginning of what was kept. */
function againstLarger(kept: Seal, seal: Seal): SealBreakReason | SealNote {
  if (selfBreak(kept)) return 'older-not-signed';
  const against = treeAgainst(kept, seal.treeHead);
  return typeof against === 'string' && against !== 'continued' ? against : { what: 'this-is-older' };
}

/** Where one of these is to be said, chains may go on otherwise than they once did. */
const EXCUSES: readonly SealNote['what'][] = ['lost-by-restore', 'key-stolen'];

function keptAgainst(seal: Seal, kept: Seal): SealBreakReason | 'continued' | SealNote {
  const against = treeAgainst(seal, kept.treeHead);
  const isExcused = typeof against === 'object' && EXCUSES.includes(against.what);
  const isSigned = against !== 'older-not-signed' && against !== 'older-of-another-shop';
  return isSigned && !isExcused && kept.treeHead.size > seal.treeHead.size ? againstLarger(kept, seal) : against;
}

/** A label that carries the shop's signature has it by one of the shop's keys. */
function labelBreak(seal: Seal, label: Label): SealBreakReason | null {
  if (label.signature === null) return null;
  const keys = leavesOf(seal, 'key').map(({ leaf }) => leaf.key);
  if (keys.some((key) => isLabelSignedBy(label, key))) return null;
  return keys.some((key) => key.startsWith(label.key)) ? 'older-not-signed' : 'older-key-unknown';
}

/** The first chain that does not go on from where somebody knew it to stand; null where all do. */
export function headsAgainst(chains: readonly SealedChain[], heads: readonly Head[]): SealBreak | null {
  for (const { of, id, name, links } of chains) {
    for (const head of heads.filter((one) => one.of === of && one.id === id && one.sequence > 0)) {
      if (head.sequence > links.length) return { why: 'chain-cut-short', in: name, entry: links.length };
      if (links[head.sequence - 1]?.hash !== head.hash) return { why: 'chain-made-anew', in: name, entry: head.sequence };
    }
  }
  return null;
}

/** Where chains stood, as far as a file can hold them against what it is: an older copy holds the beginning alone. */
const comparable = (chains: readonly SealedChain[], heads: readonly Head[], note: SealNote | null): readonly Head[] =>
  note?.what === 'this-is-older'
    ? heads.filter(({ of, id, sequence }) => chains.some((one) => one.of === of && one.id === id && sequence <= one.links.length))
    : heads;

function againstOlder(seal: Seal, chains: readonly SealedChain[], older: Older): SealCheck {
  const ofLabel = older.label ? labelBreak(seal, older.label) : null;
  if (ofLabel) return broken(ofLabel);
  const against = older.seal ? keptAgainst(seal, older.seal) : null;
  if (typeof against === 'string' && against !== 'continued') return broken(against);
  const note = against !== null && typeof against === 'object' ? against : null;
  const other = note && EXCUSES.includes(note.what) ? null : headsAgainst(chains, comparable(chains, older.heads, note));
  if (other) return { holds: false, broken: other };
  return { holds: true, notes: note ? [note] : [], older: against === 'continued' ? 'continued' : 'not-compared' };
}

/** What does not hold of a seal by itself: its signature, a leaf, a proof, a key. */
function selfBreak(seal: Seal): SealBreakReason | { readonly leaf: Leaf } | null {
  if (!isSignedHead(seal.treeHead)) return 'head-not-signed';
  const strange = seal.leaves.find(({ leaf, index, proof }) => !isIncluded({ hash: hashOfLeaf(leaf), index }, seal.treeHead, proof));
  if (strange) return { leaf: strange.leaf };
  return seal.continued.every((one) => isContinued(one, seal.treeHead, one.proof)) ? keysBreak(seal) : 'proof-wrong';
}

/**
 * Checks what a file's seal says of its chains: that the shop's key signed the tree head, that every key was handed over by the one before
 * or says that it was not, that each leaf is in the tree, that each chain stood as the file has it, and, given something older, that the
 * older tree is the beginning of this one and the older chains of these.
 *
 * It shows that the holder of the key held these chains at the latest when somebody else saw the tree head. It does not show that a clock
 * was right, that what was tapped is true, or that two readers were shown one tree: for that, hold tree heads against each other.
 *
 * @param seal    of the right shape (`isSeal`)
 * @param chains  of the file, each of which hangs together (`firstBreakOf`)
 * @param older   what somebody kept from before
 * @returns       notes of what is to be said, or the first thing that does not hold
 */
export function checkSeal(seal: Seal, chains: readonly SealedChain[], older: Older | null = null): SealCheck {
  const own = selfBreak(seal);
  if (typeof own === 'string') return broken(own);
  if (own) return broken('not-in-tree', own.leaf.what === 'head' ? { in: nameOf(chains, own.leaf), entry: own.leaf.sequence } : {});
  const inChains = chainsBreak(seal, chains);
  if (inChains) return { holds: false, broken: inChains };
  const notes = notesOf(seal, chains);
  if (!older) return { holds: true, notes, older: null };
  const compared = againstOlder(seal, chains, older);
  return compared.holds ? { ...compared, notes: [...notes, ...compared.notes] } : compared;
}

const nameOf = (chains: readonly SealedChain[], { id }: { readonly id: string }): string =>
  chains.find((chain) => chain.id === id)?.name ?? id;
