import { readContent, readVan, rodUsed } from '@kesto/core';
import { refusal } from '../../platform/http/refusal';
import type { Registrar } from '../../platform/http/register';

export function shopRoutes(routes: Registrar): void {
  routes.signed('van', async ({ inShop }) => ({ body: await inShop(async ({ shop }) => (await shop.get()).van) }));
  routes.signed('vanUse', async ({ inShop }) => ({
    body: await inShop(async ({ shop, records }) => {
      const since = (await shop.get()).van.countedAt ?? null;
      const entries = await records.of(await records.litSince(since));
      const contents = [...entries.values()].map((chain) => chain.map((entry) => readContent(entry.content)));
      return { since, fillers: rodUsed(contents, since) };
    }),
  }));
  routes.signed('putVan', async ({ body, inShop }) => {
    const van = readVan(body);
    if (!van.ok) throw refusal(van.errors);
    await inShop(({ shop }) => shop.change({ van: van.value }));
    return { body: van.value };
  });
  routes.signed('getSchools', async ({ inShop }) => ({ body: await inShop(async ({ shop }) => (await shop.get()).schools) }));
  routes.signed('putSchools', async ({ body, inShop }) => {
    await inShop(({ shop }) => shop.change({ schools: body }));
    return { body };
  });
}
