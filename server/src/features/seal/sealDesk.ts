import type { ChainId } from '@kesto/core';
import type { SignedTreeHead } from '@kesto/core/tree';
import type { Clock } from '../../platform/clock';
import type { ShopWork, Store } from '../shopWork';
import { isOwnKey, sealGrown, SEALED_AT_ONCE } from './sealing.service';
import type { ShopKey, ShopKeys } from './shopKeys';

/** Why a shop's tree is not signed here. */
export type NotSealing = 'key-missing' | 'restored-copy';

export interface SealDesk {
  readonly keys: ShopKeys;
  /** Seals these chains now, within one's own work; null: this server signs nothing of this shop. */
  sealNow(shop: ShopWork, chains: readonly ChainId[]): Promise<SignedTreeHead | null>;
  /** The key by which this server signs, or why it does not. */
  keyFor(shop: ShopWork): Promise<ShopKey | NotSealing>;
  /** Seals whatever grew in a shop. */
  sealShop(shopId: string): Promise<void>;
}

interface Made {
  readonly store: Store;
  readonly keys: ShopKeys;
  readonly clock: Clock;
}

export function sealDesk({ store, keys, clock }: Made): SealDesk {
  async function keyFor(shop: ShopWork): Promise<ShopKey | NotSealing> {
    if (keys.isCopy(shop.shopId)) return 'restored-copy';
    const newest = await shop.seal.newestHead();
    const key = keys.of(shop.shopId, newest?.key) ?? (newest ? null : keys.make(shop.shopId));
    return key && (await isOwnKey(shop, key)) ? key : 'key-missing';
  }

  async function sealNow(shop: ShopWork, chains: readonly ChainId[]): Promise<SignedTreeHead | null> {
    const key = await keyFor(shop);
    if (typeof key === 'string') return null;
    const first: readonly ChainId[] = [...chains, { of: 'shop', id: shop.shopId }];
    return (await sealGrown(shop, { key, now: clock(), first })) ?? shop.seal.newestHead();
  }

  async function sealShop(shopId: string): Promise<void> {
    for (let more = true; more;) {
      more = await store.inShop(shopId, async (shop) => {
        const key = await keyFor(shop);
        if (typeof key === 'string') return false;
        const before = (await shop.seal.newestHead())?.size ?? 0;
        const head = await sealGrown(shop, { key, now: clock() });
        return head !== null && head.size - before >= SEALED_AT_ONCE;
      });
    }
  }

  return {
    keys,
    keyFor,
    sealNow,
    sealShop,
  };
}
