import type { PutJobRequest, PutJointRequest } from '@kesto/contract';
import { ROUTES } from '@kesto/contract/schemas';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { addJointToJob, jobView, openJob, today, van } from './jobs.service';

export function jobRoutes(routes: Registrar, platform: Platform): void {
  routes.signed(ROUTES.today, async ({ inShop }) => ({ body: await inShop((shop) => today(shop, platform.clock())) }));
  routes.signed(ROUTES.van, async ({ inShop }) => ({ body: await inShop(van) }));
  routes.signed(ROUTES.getJob, async ({ params, inShop }) => ({ body: await inShop((shop) => jobView(shop, idParam(params, 'job'))) }));
  routes.signed<PutJobRequest>(ROUTES.putJob, async ({ params, body, inShop }) => ({
    body: await inShop((shop) => openJob(shop, idParam(params, 'job'), body)),
  }));
  routes.signed<PutJointRequest>(ROUTES.putJoint, async ({ params, body, inShop }) => {
    const ids = { jobId: idParam(params, 'job'), jointId: idParam(params, 'joint') };
    return { body: await inShop((shop) => addJointToJob(shop, ids, body)) };
  });
}
