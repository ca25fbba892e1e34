import type { Registrar } from '../../platform/http/register';
import { auditPage } from './audit.service';

export function auditRoutes(routes: Registrar): void {
  routes.signed('audit', async ({ params, inShop }) => ({ body: await inShop((shop) => auditPage(shop, String(params.before))) }));
}
