import type { KindOf, Told } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { append } from '../ledger';
import type { ShopWork } from '../shopWork';

interface By {
  readonly by: { readonly id: string; readonly name: string };
  readonly now: Date;
}

type OfPeople = Extract<KindOf<'shop'>, 'role' | 'left' | 'came-back' | 'approvals' | 'device-ended'>;

/** What changed somebody's power stands in the shop's own chain, in the transaction that changes it. The caller holds the shop. */
export async function tellShop<K extends OfPeople>(shop: ShopWork, kind: K, told: Told<K>, { by, now }: By): Promise<void> {
  const chain = { of: 'shop', id: shop.shopId } as const;
  await append(shop, await shop.ledger.of(chain), {
    ...{ chain, id: uuid(), kind, told: told as Readonly<Record<string, unknown>>, requestHash: '' }, // cast: every kind tells an object
    ...{ person: { id: by.id, name: by.name }, deviceTime: null, offsetS: null, now },
  });
}
