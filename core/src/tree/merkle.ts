import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, concatBytes, hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js';

/** Leaves `start` to `end` (not counted in) of an append-only tree. */
export interface Range {
  readonly start: number;
  readonly end: number;
}

/** A subtree all leaves of which are there: never changed by what is added later. Level 0 is a leaf. */
export interface Subtree {
  readonly level: number;
  readonly index: number;
}

/** SHA-256, in hex, of a complete subtree. */
export type NodeAt = (subtree: Subtree) => string;

const LEAF = Uint8Array.of(0);
const NODE = Uint8Array.of(1);

/** Hash of a leaf's text (UTF-8). Source: RFC 6962, 2.1. */
export const leafHash = (text: string): string => leafBytesHash(utf8ToBytes(text));

/** Hash of a leaf's bytes. Source: RFC 6962, 2.1. */
export const leafBytesHash = (bytes: Uint8Array): string => bytesToHex(sha256(concatBytes(LEAF, bytes)));

/** Hash of a node over its two halves. Source: RFC 6962, 2.1. */
export const nodeHash = (left: string, right: string): string => bytesToHex(sha256(concatBytes(NODE, hexToBytes(left), hexToBytes(right))));

/** Root of a tree without a leaf: SHA-256 of nothing. */
export const EMPTY_ROOT = bytesToHex(sha256(new Uint8Array()));

/** Largest power of two under a count of two or more. */
function splitOf(count: number): number {
  let half = 1;
  while (half * 2 < count) half *= 2;
  return half;
}

/** The complete subtrees that a range is made of, from the left; its start stands where a subtree of its size may begin. */
export function subtreesOf({ start, end }: Range): readonly Subtree[] {
  const found: Subtree[] = [];
  for (let at = start; at < end;) {
    let level = 0;
    while (at + 2 ** (level + 1) <= end && at % 2 ** (level + 1) === 0) level += 1;
    found.push({ level, index: at / 2 ** level });
    at += 2 ** level;
  }
  return found;
}

/** Hash over a range. Source: RFC 6962, 2.1 (MTH). */
export function rangeHash(range: Range, nodeAt: NodeAt): string {
  const hashes = subtreesOf(range).map(nodeAt);
  return hashes.length === 0 ? EMPTY_ROOT : hashes.reduceRight((right, left) => nodeHash(left, right));
}

/**
 * Which ranges' hashes prove that a leaf is in a tree. Source: RFC 6962, 2.1.1 (PATH).
 *
 * @param index  of the leaf, from 0
 * @param size   leaves of the tree, more than `index`
 */
export function inclusionRanges(index: number, size: number): readonly Range[] {
  const path: Range[] = [];
  let [start, end] = [0, size];
  while (end - start > 1) {
    const middle = start + splitOf(end - start);
    path.unshift(index < middle ? { start: middle, end } : { start, end: middle });
    if (index < middle) end = middle;
    else start = middle;
  }
  return path;
}

/**
 * Which ranges' hashes prove that one tree is the beginning of another. Source: RFC 6962, 2.1.2 (PROOF).
 *
 * @param first   leaves of the earlier tree, at least 1
 * @param second  leaves of the later one, at least `first`
 */
export function consistencyRanges(first: number, second: number): readonly Range[] {
  const proof: Range[] = [];
  let [start, end] = [0, second];
  while (first !== end) {
    const middle = start + splitOf(end - start);
    proof.unshift(first <= middle ? { start: middle, end } : { start, end: middle });
    if (first <= middle) end = middle;
    else start = middle;
  }
  return start === 0 ? proof : [{ start, end }, ...proof];
}

/** Nodes that become complete when leaves are added behind `size` others. */
export function nodesAdded(size: number, leaves: readonly string[], nodeAt: NodeAt): readonly (Subtree & { readonly hash: string })[] {
  const added = new Map<string, string>();
  const keyOf = ({ level, index }: Subtree) => `${level}/${index}`;
  const known: NodeAt = (subtree) => added.get(keyOf(subtree)) ?? nodeAt(subtree);
  const nodes: (Subtree & { readonly hash: string })[] = [];
  for (const [i, leaf] of leaves.entries()) {
    let at: Subtree = { level: 0, index: size + i };
    let hash = leaf;
    for (;;) {
      added.set(keyOf(at), hash);
      nodes.push({ ...at, hash });
      if (at.index % 2 === 0) break;
      hash = nodeHash(known({ level: at.level, index: at.index - 1 }), hash);
      at = { level: at.level + 1, index: (at.index - 1) / 2 };
    }
  }
  return nodes;
}

/** Subtrees to the left of the next leaf: all that adding to a tree of this size can ask for. */
export const edgeOf = (size: number): readonly Subtree[] => subtreesOf({ start: 0, end: size });

const isHash = (text: string) => /^[0-9a-f]{64}$/.test(text);

/**
 * Whether a proof shows that a leaf stands at its place in the tree of this root. Source: RFC 9162, 2.1.3.2.
 *
 * @param leaf   hash of the leaf, and its place from 0
 * @param tree   leaves of the tree and its root
 * @param proof  hashes from the leaf upwards
 */
export function isIncluded(
  leaf: { readonly hash: string; readonly index: number },
  tree: { readonly size: number; readonly root: string },
  proof: readonly string[],
): boolean {
  if (leaf.index >= tree.size || !proof.every(isHash)) return false;
  let [at, last, hash] = [leaf.index, tree.size - 1, leaf.hash];
  for (const beside of proof) {
    if (last === 0) return false;
    if (at % 2 === 1 || at === last) {
      hash = nodeHash(beside, hash);
      while (at % 2 === 0 && at !== 0) [at, last] = [Math.floor(at / 2), Math.floor(last / 2)];
    } else hash = nodeHash(hash, beside);
    [at, last] = [Math.floor(at / 2), Math.floor(last / 2)];
  }
  return last === 0 && hash === tree.root;
}

interface Tree {
  readonly size: number;
  readonly root: string;
}

/**
 * Whether a proof shows that the tree of the second root begins with the whole of the first. Source: RFC 9162, 2.1.4.2.
 *
 * @param first   the earlier tree, of at least one leaf
 * @param second  the later one
 */
export function isContinued(first: Tree, second: Tree, proof: readonly string[]): boolean {
  if (first.size < 1 || first.size > second.size || !proof.every(isHash)) return false;
  if (first.size === second.size) return proof.length === 0 && first.root === second.root;
  const isWhole = Number.isInteger(Math.log2(first.size));
  const [start, ...rest] = isWhole ? [first.root, ...proof] : proof;
  if (start === undefined) return false;
  let [at, last] = [first.size - 1, second.size - 1];
  while (at % 2 === 1) [at, last] = [Math.floor(at / 2), Math.floor(last / 2)];
  let [old, now] = [start, start];
  for (const beside of rest) {
    if (last === 0) return false;
    if (at % 2 === 1 || at === last) {
      [old, now] = [nodeHash(beside, old), nodeHash(beside, now)];
      while (at % 2 === 0 && at !== 0) [at, last] = [Math.floor(at / 2), Math.floor(last / 2)];
    } else now = nodeHash(now, beside);
    [at, last] = [Math.floor(at / 2), Math.floor(last / 2)];
  }
  return last === 0 && old === first.root && now === second.root;
}
