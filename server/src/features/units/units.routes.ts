import { madeFromOf } from '../../platform/http/madeFrom';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { sisterCharges } from './sisterCharges.service';
import { unitHistory } from './unitHistory.service';
import { putSite, sitePage, sitesNamed, siteView } from './sites.service';
import { unitsAtSite, unitsOnSites } from './unitsOfSites.service';
import { putUnit, unitPage, unitView } from './units.service';

export function unitRoutes(routes: Registrar): void {
  routes.signed('sites', async ({ params, inShop }) => ({ body: await inShop((shop) => sitePage(shop, String(params['after']))) }));
  routes.signed('sitesNamed', async ({ params, inShop }) => ({ body: await inShop((shop) => sitesNamed(shop, String(params['name']))) }));
  routes.signed('getSite', async ({ params, inShop }) => ({ body: await inShop((shop) => siteView(shop, idParam(params, 'site'))) }));
  routes.signed('putSite', async ({ params, body, inShop }) => ({
    body: await inShop((shop) => putSite(shop, idParam(params, 'site'), body)),
  }));
  routes.signed('units', async ({ params, inShop }) => ({ body: await inShop((shop) => unitPage(shop, String(params['after']))) }));
  routes.signed('unitsOn', async ({ params, inShop }) => ({ body: await inShop((shop) => unitsOnSites(shop, String(params['sites']))) }));
  routes.signed('unitsAt', async ({ params, inShop }) => ({
    body: await inShop((shop) => unitsAtSite(shop, idParam(params, 'site'), String(params['after']))),
  }));
  routes.signed('getUnit', async ({ params, inShop }) => ({ body: await inShop((shop) => unitView(shop, idParam(params, 'unit'))) }));
  routes.signed('unitHistory', async ({ params, inShop }) => ({
    body: await inShop((shop) => unitHistory(shop, idParam(params, 'unit'))),
  }));
  routes.signed('sisterCharges', async ({ params, inShop }) => ({
    body: await inShop((shop) => sisterCharges(shop, idParam(params, 'unit'))),
  }));
  routes.signed('putUnit', async ({ params, body, request, inShop }) => ({
    body: await inShop((shop) => putUnit(shop, { unitId: idParam(params, 'unit'), body, madeFrom: madeFromOf(request) })),
  }));
}
