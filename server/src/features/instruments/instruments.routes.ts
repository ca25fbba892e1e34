import type { Done } from '@kesto/contract';
import type { Request } from 'express';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { holdLive, pullLive } from './analyst/picture';
import { holdCsv } from './ended.service';
import { endOne, keepLog } from './series.service';

const DONE: Done = { ok: true };
/** The instrument that was asked for, among several. */
const byIn = ({ query }: Request): string | null => (typeof query['by'] === 'string' ? query['by'] : null);

export function instrumentRoutes(routes: Registrar, platform: Platform): void {
  const { analyst } = platform;
  routes.signed('setPairing', async ({ params, body, me }) => ({
    body: platform.live.codes.make(
      { shopId: me.shop.id, jobId: idParam(params, 'job'), holdId: body.hold, by: me.person.id },
      platform.clock(),
    ),
  }));
  routes.signed('holdLive', async ({ params, request, inShop }) => {
    const of = { jobId: idParam(params, 'job'), id: idParam(params, 'hold'), by: byIn(request) };
    return { body: await inShop((shop) => holdLive(shop, analyst, of, platform.clock())) };
  });
  routes.signed('pullLive', async ({ params, request, inShop }) => {
    const of = { jobId: idParam(params, 'job'), id: idParam(params, 'pull'), by: byIn(request) };
    return { body: await inShop((shop) => pullLive(shop, analyst, of, platform.clock())) };
  });
  routes.signed('setHoldLog', async ({ params, body: { instrument, samples }, me, inShop }) => {
    const of = { id: idParam(params, 'log'), jobId: idParam(params, 'job'), holdId: idParam(params, 'hold'), pairedBy: me.person.id };
    const { samples: kept } = await inShop((shop) => keepLog(shop, { ...of, instrument, samples, now: platform.clock() }));
    return { body: { samples: kept } };
  });
  routes.signed('holdCsv', async ({ params, response, inShop }) => {
    const csv = await inShop((shop) => holdCsv(shop, idParam(params, 'hold')));
    response.type('text/csv').setHeader('content-disposition', 'attachment; filename="hold.csv"').send(csv);
  });
  routes.signed('setStandIn', async ({ params, body, me }) => {
    await platform.standIns.start({ shopId: me.shop.id, by: me.person.id, jobId: idParam(params, 'job'), ...body });
    return { body: DONE };
  });
  routes.signed('setSeriesEnd', async ({ params, me, inShop }) => {
    const of = { jobId: idParam(params, 'job'), id: idParam(params, 'series'), by: me.person, now: platform.clock() };
    await inShop((shop) => endOne(shop, of));
    return { body: DONE };
  });
  routes.signed('standInSoap', async ({ params }) => ({
    body: { bubbles: await platform.standIns.soap(idParam(params, 'hold'), params.place) },
  }));
}
