import { ROUTES } from '@kesto/contract/schemas';
import type { Schools } from '@kesto/core';
import type { Registrar } from '../../platform/http/register';
import { schoolsOf, setSchools } from './shop.repository.typeorm';

export function shopRoutes(routes: Registrar): void {
  routes.signed(ROUTES.getSchools, async ({ inShop }) => ({ body: await inShop(schoolsOf) }));
  routes.signed<Schools>(ROUTES.putSchools, async ({ body, inShop }) => {
    await inShop((shop) => setSchools(shop, body));
    return { body };
  });
}
