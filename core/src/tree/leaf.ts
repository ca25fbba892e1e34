import { canonicalText } from '../record/chain';
import type { Chain } from '../ledger/row';
import { leafHash } from './merkle';

/** That a chain stood here: written for each chain that grew. */
export interface HeadLeaf {
  readonly what: 'head';
  readonly of: Chain;
  readonly id: string;
  readonly sequence: number;
  readonly hash: string;
}

/** One entry of the shop's chain by itself: what speaks of a device's key is shown without the rest of that chain. */
export interface EntryLeaf {
  readonly what: 'entry';
  readonly hash: string;
}

export const KEY_CHANGES = ['first', 'changed', 'lost', 'stolen'] as const;
export type KeyChange = (typeof KEY_CHANGES)[number];

/** From here on the tree is signed by this key. */
export interface KeyLeaf {
  readonly what: 'key';
  readonly key: string;
  readonly why: KeyChange;
  /** Of a changed key: the one before it, which has signed the new one (`keyHandedOver`). */
  readonly before: string | null;
  readonly signature: string | null;
  /** Of a stolen key: what only it says of a tree larger than this is not proved. */
  readonly notAfter: number | null;
  readonly at: string;
}

/** A database was put back from a backup: a new epoch, which goes on from this tree. */
export interface RestoredLeaf {
  readonly what: 'restored';
  readonly epoch: number;
  readonly size: number;
  readonly root: string;
  readonly at: string;
}

export type Leaf = HeadLeaf | EntryLeaf | KeyLeaf | RestoredLeaf;

/** To the letter what is hashed: canonical JSON (RFC 8785). */
export const leafText = (leaf: Leaf): string => canonicalText(leaf);
export const hashOfLeaf = (leaf: Leaf): string => leafHash(leafText(leaf));

/** What an old key signs when it hands over to a new one. */
export const keyHandedOver = (origin: string, { key, before }: Pick<KeyLeaf, 'key' | 'before'>): string =>
  canonicalText({ origin, key, before });
