import type { Chain, ChainId, Head } from '@kesto/core';
import type { Leaf, SignedTreeHead, Subtree } from '@kesto/core/tree';

/** A leaf of the shop's tree, and where it stands. */
export interface PlacedLeaf {
  readonly place: number;
  readonly leaf: Leaf;
}

export interface PlacedNode extends Subtree {
  readonly hash: string;
}

/** A shop's tree of heads: append-only, kept by its complete subtrees. */
export interface SealRepository {
  /** Held until the work is done: two servers never seal the same shop at once. */
  lock(): Promise<void>;
  /** Chains that grew since they were sealed, where they stand now, at most so many; those asked for first. They count as sealed from here on. */
  takeGrown(most: number, first: readonly ChainId[]): Promise<readonly Head[]>;
  /** Whether any chain grew since. */
  hasGrown(): Promise<boolean>;
  newestHead(): Promise<SignedTreeHead | null>;
  /** Hashes of complete subtrees, all of which are there. */
  nodes(subtrees: readonly Subtree[]): Promise<readonly PlacedNode[]>;
  add(leaves: readonly PlacedLeaf[], nodes: readonly PlacedNode[], head: SignedTreeHead): Promise<void>;
  /** Every key and restore, from the first. */
  changes(): Promise<readonly PlacedLeaf[]>;
  /** Of each chain where it was sealed last. */
  newestOf(chains: readonly ChainId[]): Promise<readonly PlacedLeaf[]>;
  /** Leaves of single entries by the entries' hashes. */
  entries(hashes: readonly string[]): Promise<readonly PlacedLeaf[]>;
  /** Up to which entry a chain was sealed; 0: not yet. */
  sealedUpTo(of: Chain, id: string): Promise<number>;
  /** Notes that a tree head of this size was given away with chains. */
  gave(size: number, chains: readonly ChainId[]): Promise<void>;
  /** Sizes that were given away with one of these chains, the newest first. */
  givenWith(chains: readonly ChainId[], most: number): Promise<readonly number[]>;
}
