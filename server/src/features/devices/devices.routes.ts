import type { Done } from '@kesto/contract';
import { clocked } from '../../platform/http/clockOffset';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { devices, endDevice, enterDevice, vouch } from './devices.service';

const DONE: Done = { ok: true };

export function deviceRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('devices', async ({ me, inShop }) => ({ body: await inShop((shop) => devices(shop, { person: me.person })) }));
  routes.signed('setDevice', async ({ params, body, me, request, inShop }) => {
    const who = { person: me.person, ...clocked(request, platform.clock) };
    await inShop((shop) => enterDevice(shop, who, idParam(params, 'device'), body));
    return { body: DONE };
  });
  routes.signed('setVouched', async ({ params, body, me, request, inShop }) => {
    const who = { person: me.person, ...clocked(request, platform.clock) };
    const asked = { device: idParam(params, 'device'), entry: idParam(params, 'entry'), body };
    await inShop((shop) => vouch(shop, who, asked));
    return { body: DONE };
  });
  routes.signed('setDeviceEnded', async ({ params, body, me, request, inShop }) => {
    const who = { person: me.person, ...clocked(request, platform.clock) };
    const asked = { device: idParam(params, 'device'), entry: idParam(params, 'entry'), body };
    await inShop((shop) => endDevice(shop, who, asked));
    return { body: DONE };
  });
}
