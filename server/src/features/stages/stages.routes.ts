import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { appendStageEntry } from './stages.service';

export function stageRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('putStageEntry', async ({ params, body, me, inShop }) => {
    const asked = { jobId: idParam(params, 'job'), entryId: idParam(params, 'entry'), person: me.person, body, now: platform.clock() };
    return { body: await inShop((shop) => appendStageEntry(shop, asked)) };
  });
}
