import { FOUND_COUNTED, FOUND_PAGE, type FoundAsked, type FoundPage } from '@kesto/contract';
import { foundOf, readChain } from '@kesto/core';
import type { ShopWork, Store } from '../shopWork';
import { placeOf } from './found.repository';

/** Rows that are worked out anew before a question is answered: what was noted since the last one, and no backlog. */
const AT_ONCE = 200;

/** Works out the rows of joints of which something was noted; answers how many they were. */
export async function freshen({ found, ledger, plans }: ShopWork, most = AT_ONCE): Promise<number> {
  const ids = await found.takeStale(most);
  if (ids.length === 0) return 0;
  const [chains, chosen] = [await ledger.ofAll('joint', ids), await plans.chosenFillers(ids)];
  await found.save(ids.map((jointId) => ({ jointId, ...foundOf(readChain(chains.get(jointId) ?? []), chosen.has(jointId)) })));
  return ids.length;
}

/** Works off whatever is behind in a shop, so many joints a transaction: after an upgrade that is all of them. */
export async function workOff(store: Pick<Store, 'inShop'>, shopId: string): Promise<void> {
  for (let more = true; more;) more = (await store.inShop(shopId, (shop) => freshen(shop))) > 0;
}

/** A page of joints, the newest first. */
export async function foundPage(shop: ShopWork, asked: FoundAsked): Promise<FoundPage> {
  const freshened = await freshen(shop);
  const { joints: rows, count } = await shop.found.page(asked, FOUND_PAGE + 1, asked.after === undefined ? FOUND_COUNTED + 1 : undefined);
  const joints = rows.slice(0, FOUND_PAGE);
  const last = joints.at(-1);
  return {
    joints,
    next: rows.length > FOUND_PAGE && last ? placeOf(last) : null,
    isBehind: freshened === AT_ONCE && (await shop.found.isBehind()),
    count,
  };
}
