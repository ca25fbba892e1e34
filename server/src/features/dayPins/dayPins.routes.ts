import type { Done } from '@kesto/contract';
import type { Platform } from '../../platform/http/context';
import { clocked } from '../../platform/http/clockOffset';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { leadBeside } from '../session';
import { overruleByPin, setDayPin, unseenOverrulings } from './dayPins.service';

const DONE: Done = { ok: true };

export function dayPinRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('setDayPin', async ({ params, body: { signIn, key, until }, me, request, inShop }) => {
    const lead = await leadBeside(platform, signIn, { shopId: me.shop.id, address: request.ip ?? '' });
    const asked = { id: idParam(params, 'pin'), lead, phoneOf: me.person.id, key, until, now: platform.clock() };
    return { body: await inShop((shop) => setDayPin(shop, asked)) };
  });
  routes.signed('putPinOverruling', async ({ params, body, me, request, inShop }) => {
    const asked = {
      ...{ jobId: idParam(params, 'job'), entryId: idParam(params, 'entry'), me: me.person, body },
      ...clocked(request, platform.clock),
    };
    return { body: await inShop((shop) => overruleByPin(shop, asked)) };
  });
  routes.signed('pinOverrulings', async ({ me, inShop }) => ({ body: await inShop((shop) => unseenOverrulings(shop, me.person.id)) }));
  routes.signed('putPinSeen', async ({ params, me, inShop }) => {
    await inShop((shop) => shop.dayPins.seen(idParam(params, 'entry'), me.person.id, platform.clock()));
    return { body: DONE };
  });
}
