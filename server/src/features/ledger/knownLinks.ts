import type { AnyLink, ChainId } from '@kesto/core';
import { LRUCache } from 'lru-cache';

/** So many links are held, of all chains together: some 100 MB at most. */
const MOST_LINKS = 50_000;

/**
 * The beginnings of chains as this server has read them. A chain is only added to, so that a beginning whose last hash still stands needs no
 * reading again; where it does not (a transaction that was taken back, a database restored) the chain is read whole.
 */
export interface KnownLinks {
  of(shopId: string, chain: ChainId): readonly AnyLink[];
  keep(shopId: string, chain: ChainId, links: readonly AnyLink[]): void;
  forget(shopId: string, chain: ChainId): void;
}

const keyOf = (shopId: string, { of, id }: ChainId) => `${shopId} ${of} ${id}`;

export function knownLinks(): KnownLinks {
  const held = new LRUCache<string, readonly AnyLink[]>({ maxSize: MOST_LINKS, sizeCalculation: (links) => links.length });
  return {
    of: (shopId, chain) => held.get(keyOf(shopId, chain)) ?? [],
    keep(shopId, chain, links) {
      if (links.length > 0) held.set(keyOf(shopId, chain), links);
    },
    forget: (shopId, chain) => void held.delete(keyOf(shopId, chain)),
  };
}
