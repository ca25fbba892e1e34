import type { Platform } from '../../platform/http/context';
import { clocked } from '../../platform/http/clockOffset';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { leadBeside } from '../session';
import { appendStageEntry } from './stages.service';

export function stageRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('overruleBeside', async ({ params, body, me, request, inShop }) => {
    const lead = await leadBeside(platform, body.signIn, { shopId: me.shop.id, address: request.ip ?? '' });
    const { stage, deviceTime, values } = body;
    const asked = {
      ...{ jobId: idParam(params, 'job'), entryId: idParam(params, 'entry'), person: lead },
      body: { kind: 'overruled' as const, stage, deviceTime, photos: [], values: { ...values, phoneOf: me.person.name } },
      ...clocked(request, platform.clock),
    };
    return { body: await inShop((shop) => appendStageEntry(shop, asked)) };
  });
}
