import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Platform } from '../../platform/http/context';
import { clocked } from '../../platform/http/clockOffset';
import { sizeHeld } from '../seal';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { jobParts, jobToExport } from './exportJob.service';
import { storeJobEntry } from '../jobNotes';
import { changeJob, isChange } from './jobChanges.service';
import { addJointToJob, jobView, openJob, today } from './jobs.service';
import { storedZip } from './storedZip';

export function jobRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('today', async ({ inShop }) => ({ body: await inShop((shop) => today(shop, platform.clock())) }));
  routes.signed('getJob', async ({ params, inShop }) => ({ body: await inShop((shop) => jobView(shop, idParam(params, 'job'))) }));
  routes.signed('putJob', async ({ params, body, inShop }) => ({
    body: await inShop((shop) => openJob(shop, idParam(params, 'job'), body)),
  }));
  routes.signed('putJobEntry', async ({ params, body, me, request, inShop }) => {
    const ids = { jobId: idParam(params, 'job'), entryId: idParam(params, 'entry') };
    const asked = { ...ids, person: me.person, body, ...clocked(request, platform.clock) };
    return {
      body: await inShop(async (shop) => {
        if (isChange(body)) await changeJob(shop, { ...asked, body });
        else await storeJobEntry(shop, { ...asked, body });
        return jobView(shop, asked.jobId);
      }),
    };
  });
  routes.signed('putJoint', async ({ params, body, me, request, inShop }) => {
    const ids = { jobId: idParam(params, 'job'), jointId: idParam(params, 'joint') };
    const said = { person: me.person, ...clocked(request, platform.clock) };
    return { body: await inShop((shop) => addJointToJob(shop, ids, body, said)) };
  });
  routes.signed('exportJob', async ({ params, me, request, response, inShop }) => {
    const by = { person: me.person, deviceTime: null, ...clocked(request, platform.clock) };
    const sealed = { seals: platform.seals, ...sizeHeld(request.query['from']) };
    const job = await jobToExport(inShop, idParam(params, 'job'), by, sealed);
    response.attachment(`job-${job.number}.zip`).type('zip');
    await pipeline(Readable.from(storedZip(jobParts(inShop, job))), response);
  });
}
