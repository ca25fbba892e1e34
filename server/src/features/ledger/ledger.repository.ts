import type { AnyLink, Chain, ChainId, JobLink, JointLink, LedgerLink } from '@kesto/core';

export interface LinksOf {
  readonly joint: JointLink;
  readonly job: JobLink;
  readonly shop: LedgerLink;
}

/** What lists ask by, beside what is hashed. */
export interface LinkColumns {
  /** Of a look or a check; of a flame, how the torch stood. */
  readonly result: string | null;
  readonly place: string | null;
  /** When it was, by both clocks. */
  readonly at: string;
  readonly requestHash: string;
  /** Whoever writes, by name; null for Kesto itself. */
  readonly writer: string | null;
}

/** A write that was here before. */
export interface TakenWrite {
  readonly requestHash: string;
  readonly link: AnyLink;
}

export interface LedgerRepository {
  /** One chain, in its order. */
  of<C extends Chain>(chain: { readonly of: C; readonly id: string }): Promise<readonly LinksOf[C][]>;
  /** Chains of one sort, in one question however many they are; one that has not begun is empty. */
  ofAll<C extends Chain>(of: C, ids: readonly string[]): Promise<ReadonlyMap<string, readonly LinksOf[C][]>>;
  /** By the id of an entry among the chains of one sort; null where there is none of it in this shop. */
  taken(of: Chain, id: string): Promise<TakenWrite | null>;
  /** Adds one link with the words beside it. */
  add(link: LedgerLink, columns: LinkColumns): Promise<void>;
  /** Takes words away that an entry of the chain says are erased. */
  erase(chain: ChainId, commitments: readonly string[]): Promise<void>;
}

/** A link as it was stored: its content to the letter, and the words of its chain. */
export interface StoredLink {
  readonly content: string;
  readonly hash: string;
}
