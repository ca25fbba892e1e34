import type { Continued, KeyChange, SignedTreeHead, TreeHeadFile } from '@kesto/core/tree';

export type { TreeHeadFile };

/** How a shop's tree is signed here: it is, or why not. */
export type SealState = 'sealing' | 'key-missing' | 'restored-copy';

/** A shop's seal as it stands. */
export interface SealView {
  readonly state: SealState;
  /** Null: nothing was sealed yet. */
  readonly treeHead: SignedTreeHead | null;
  /** Eight words of the key; empty where there is none yet. */
  readonly keyWords: readonly string[];
  /** Whether something was noted that is not sealed yet. */
  readonly grown: boolean;
}

/** That an earlier tree is the beginning of the newest one. */
export interface ContinuedView {
  readonly treeHead: SignedTreeHead;
  readonly continued: Continued;
}

/** Two servers of one shop seal two trees: whoever says it means it. */
export interface SetServerRequest {
  readonly sure: true;
}

export interface PutShopKeyRequest {
  /** The key that signed when this was asked for; asked again after the change, nothing changes. Null: none did. */
  readonly from: string | null;
  readonly why: Exclude<KeyChange, 'first'>;
}
