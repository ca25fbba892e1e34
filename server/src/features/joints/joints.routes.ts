import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { sizeHeld } from '../seal';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { recordPieces, recordToExport } from './export.service';
import { jointView } from './joints.service';
import { storePlan } from './plans.service';

export function jointRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('getJoint', async ({ params, inShop }) => ({
    body: await inShop((shop) => jointView(shop, idParam(params, 'joint'))),
  }));
  routes.signed('findJoint', async ({ params, inShop }) => ({
    body: await inShop(async (shop) => {
      const joint = await shop.joints.byTag(String(params['tag']));
      if (!joint) throw notFound(`A joint tagged ${params['tag']}`);
      return jointView(shop, joint.id);
    }),
  }));
  routes.signed('putPlan', async ({ params, body, me, inShop }) => {
    const asked = {
      jointId: idParam(params, 'joint'),
      planId: idParam(params, 'plan'),
      personId: me.person.id,
      body,
      now: platform.clock(),
    };
    return { body: await inShop((shop) => storePlan(shop, asked)) };
  });
  routes.signed('exportRecord', async ({ params, request, response, inShop, me }) => {
    const asked = { jointId: idParam(params, 'joint'), now: platform.clock(), seals: platform.seals, ...sizeHeld(request.query['from']) };
    const record = await recordToExport({ inShop, me }, asked);
    response.attachment(`${record.tag}.json`).type('json');
    await pipeline(Readable.from(recordPieces(inShop, record)), response);
  });
}
