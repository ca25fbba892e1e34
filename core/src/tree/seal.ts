import type { LedgerLink } from '../ledger/entry';
import type { Leaf } from './leaf';
import type { SignedTreeHead } from './treeHead';

/** A leaf, where it stands, and the hashes from it up to the root. */
export interface ProvedLeaf {
  readonly leaf: Leaf;
  readonly index: number;
  readonly proof: readonly string[];
}

/** That an earlier tree head's tree is the beginning of this one. */
export interface Continued {
  readonly size: number;
  readonly root: string;
  readonly proof: readonly string[];
}

/** What a file carries so that it proves more than that it hangs together: which shop held its chains, and by when. */
export interface Seal {
  readonly treeHead: SignedTreeHead;
  /** Where the file's chains stood, every key the tree was signed by, every restore, and every device's key. */
  readonly leaves: readonly ProvedLeaf[];
  readonly continued: readonly Continued[];
  /** Entries of the shop's chain about keys of devices that signed something here. */
  readonly devices: readonly LedgerLink[];
}

export const TREE_HEAD_FORMAT = 'kesto-tree-head';

/** A tree head as a file of its own: what somebody keeps to hold later copies against. */
export interface TreeHeadFile {
  readonly format: typeof TREE_HEAD_FORMAT;
  readonly version: 1;
  readonly seal: Seal;
}
