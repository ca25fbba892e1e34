import type { Registrar } from '../../platform/http/register';
import { schoolsOf, setSchools } from './shop.repository.typeorm';

export function shopRoutes(routes: Registrar): void {
  routes.signed('getSchools', async ({ inShop }) => ({ body: await inShop(schoolsOf) }));
  routes.signed('putSchools', async ({ body, inShop }) => {
    await inShop((shop) => setSchools(shop, body));
    return { body };
  });
}
