import type { Done } from '@kesto/contract';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { holdLive } from './watch.service';

const DONE: Done = { ok: true };

export function instrumentRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('setPairing', async ({ params, body, me }) => ({
    body: platform.live.codes.make({ shopId: me.shop.id, jobId: idParam(params, 'job'), holdId: body.hold }, platform.clock()),
  }));
  routes.signed('holdLive', async ({ params, inShop }) => ({
    body: await inShop((shop) => holdLive(shop, idParam(params, 'job'), idParam(params, 'hold'), platform.clock())),
  }));
  routes.signed('setStandIn', async ({ params, body, me }) => {
    await platform.standIns.start({ shopId: me.shop.id, jobId: idParam(params, 'job'), ...body });
    return { body: DONE };
  });
  routes.signed('standInSoap', async ({ params }) => ({
    body: { bubbles: await platform.standIns.soap(idParam(params, 'hold'), params.place) },
  }));
}
