import type { Done } from '@kesto/contract';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { pullLive } from './pullLive.service';
import { keepLog } from './series.service';
import { holdCsv, holdLive } from './watch.service';

const DONE: Done = { ok: true };

export function instrumentRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('setPairing', async ({ params, body, me }) => ({
    body: platform.live.codes.make({ shopId: me.shop.id, jobId: idParam(params, 'job'), holdId: body.hold }, platform.clock()),
  }));
  routes.signed('holdLive', async ({ params, inShop }) => ({
    body: await inShop((shop) => holdLive(shop, idParam(params, 'job'), idParam(params, 'hold'), platform.clock())),
  }));
  routes.signed('pullLive', async ({ params, inShop }) => ({
    body: await inShop((shop) => pullLive(shop, idParam(params, 'job'), idParam(params, 'pull'), platform.clock())),
  }));
  routes.signed('setHoldLog', async ({ params, body: { instrument, samples }, inShop }) => {
    const of = { id: idParam(params, 'log'), jobId: idParam(params, 'job'), holdId: idParam(params, 'hold') };
    const { samples: kept } = await inShop((shop) => keepLog(shop, { ...of, instrument, samples, now: platform.clock() }));
    return { body: { samples: kept } };
  });
  routes.signed('holdCsv', async ({ params, response, inShop }) => {
    const csv = await inShop((shop) => holdCsv(shop, idParam(params, 'hold')));
    response.type('text/csv').setHeader('content-disposition', 'attachment; filename="hold.csv"').send(csv);
  });
  routes.signed('setStandIn', async ({ params, body, me }) => {
    await platform.standIns.start({ shopId: me.shop.id, jobId: idParam(params, 'job'), ...body });
    return { body: DONE };
  });
  routes.signed('standInSoap', async ({ params }) => ({
    body: { bubbles: await platform.standIns.soap(idParam(params, 'hold'), params.place) },
  }));
}
