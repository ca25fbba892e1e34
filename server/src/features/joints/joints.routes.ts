import type { PutEntryRequest, PutPlanRequest } from '@kesto/contract';
import { ROUTES } from '@kesto/contract/schemas';
import { v7 as uuid } from 'uuid';
import { notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { appendEntry } from './entries.service';
import { exportRecord } from './export.service';
import { jointById, jointByTag } from './joints.repository.typeorm';
import { jointView } from './joints.service';
import { storePlan } from './plans.service';

export function jointRoutes(routes: Registrar, platform: Platform): void {
  routes.signed(ROUTES.getJoint, async ({ params, inShop }) => ({
    body: await inShop((shop) => jointView(shop, idParam(params, 'joint'))),
  }));
  routes.signed(ROUTES.findJoint, async ({ params, inShop }) => ({
    body: await inShop(async (shop) => {
      const joint = await jointByTag(shop, String(params['tag']).toUpperCase());
      if (!joint) throw notFound(`A joint tagged ${params['tag']}`);
      return jointView(shop, joint.id);
    }),
  }));
  routes.signed<PutPlanRequest>(ROUTES.putPlan, async ({ params, body, me, inShop }) => {
    const asked = {
      jointId: idParam(params, 'joint'),
      planId: idParam(params, 'plan'),
      personId: me.person.id,
      body,
      now: platform.clock(),
    };
    return { body: await inShop((shop) => storePlan(shop, asked)) };
  });
  routes.signed<PutEntryRequest>(ROUTES.putEntry, async ({ params, body, me, inShop }) => {
    const asked = {
      jointId: idParam(params, 'joint'),
      entryId: idParam(params, 'entry'),
      person: me.person,
      body,
      now: platform.clock(),
      freezeId: uuid(),
    };
    return { body: await inShop((shop) => appendEntry(shop, asked)) };
  });
  routes.signed(ROUTES.exportRecord, async ({ params, response, inShop }) => {
    const jointId = idParam(params, 'joint');
    const { joint, record } = await inShop(async (shop) => ({
      joint: await jointById(shop, jointId),
      record: await exportRecord(shop, jointId),
    }));
    response.attachment(`${joint?.tag ?? 'joint'}.json`);
    return { body: record };
  });
}
