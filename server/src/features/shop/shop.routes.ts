import { readVan } from '@kesto/core';
import { refusal } from '../../platform/http/refusal';
import type { Registrar } from '../../platform/http/register';
import { schoolsOf, setSchools, setVan, vanOf } from './shop.repository.typeorm';

export function shopRoutes(routes: Registrar): void {
  routes.signed('van', async ({ inShop }) => ({ body: await inShop(vanOf) }));
  routes.signed('putVan', async ({ body, inShop }) => {
    const van = readVan(body);
    if (!van.ok) throw refusal(van.errors);
    await inShop((shop) => setVan(shop, van.value));
    return { body: van.value };
  });
  routes.signed('getSchools', async ({ inShop }) => ({ body: await inShop(schoolsOf) }));
  routes.signed('putSchools', async ({ body, inShop }) => {
    await inShop((shop) => setSchools(shop, body));
    return { body };
  });
}
