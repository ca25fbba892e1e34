import { readChain, readVan, rodUsed } from '@kesto/core';
import { madeFromOf } from '../../platform/http/madeFrom';
import { refusal } from '../../platform/http/refusal';
import type { Registrar } from '../../platform/http/register';
import { checkMadeFrom } from '../../platform/madeFrom';
import type { Shop, ShopRepository } from './shop.repository';

export function shopRoutes(routes: Registrar): void {
  routes.signed('van', async ({ inShop }) => ({ body: await inShop(async ({ shop }) => (await shop.get()).van) }));
  routes.signed('vanUse', async ({ inShop }) => ({
    body: await inShop(async ({ shop, records }) => {
      const since = (await shop.get()).van.countedAt ?? null;
      const chains = await records.brazedSince(since);
      const contents = [...chains.values()].map(readChain);
      return { since, fillers: rodUsed(contents, since) };
    }),
  }));
  routes.signed('putVan', async ({ body, request, inShop }) => {
    const van = readVan(body);
    if (!van.ok) throw refusal(van.errors);
    await inShop(async ({ shop }) => {
      const { van: stands } = await heldShop(shop);
      checkMadeFrom(madeFromOf(request), { content: stands, asked: van.value, stands });
      await shop.change({ van: van.value });
    });
    return { body: van.value };
  });
  routes.signed('getSchools', async ({ inShop }) => ({ body: await inShop(async ({ shop }) => (await shop.get()).schools) }));
  routes.signed('putSchools', async ({ body, request, inShop }) => {
    await inShop(async ({ shop }) => {
      const { schools: stands } = await heldShop(shop);
      checkMadeFrom(madeFromOf(request), { content: stands, asked: body, stands });
      await shop.change({ schools: body });
    });
    return { body };
  });
}

/** The shop as it stands until the transaction ends. */
async function heldShop(shop: ShopRepository): Promise<Shop> {
  await shop.lock();
  return shop.get();
}
