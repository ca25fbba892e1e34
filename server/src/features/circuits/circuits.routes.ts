import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { drawing, putDrawing } from './drawings.service';

export function circuitRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('drawing', async ({ params, inShop }) => ({ body: await inShop((shop) => drawing(shop, idParam(params, 'circuit'))) }));
  routes.signed('putDrawing', async ({ params, body, me, inShop }) => {
    const ids = { circuitId: idParam(params, 'circuit'), id: idParam(params, 'drawing') };
    return { body: await inShop((shop) => putDrawing(shop, { ...ids, personId: me.person.id, body, now: platform.clock() })) };
  });
}
