import { ROUTES } from '@kesto/contract/schemas';
import type { Response } from 'express';
import { notFound } from '../../platform/errors';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { jobView } from '../jobs/jobs.service';
import { jointView } from '../joints/joints.service';
import { plansPdf } from './planPdf';

const send = (response: Response, name: string, pdf: Buffer) =>
  void response.type('application/pdf').setHeader('content-disposition', `inline; filename="${name}.pdf"`).send(pdf);

export function printRoutes(routes: Registrar): void {
  routes.signed(ROUTES.planPdf, async ({ params, me, response, inShop }) => {
    const joint = await inShop((shop) => jointView(shop, idParam(params, 'joint')));
    if (!joint.plan) throw notFound('A plan of this joint');
    send(response, joint.tag, await plansPdf([joint], me.units));
  });
  routes.signed(ROUTES.plansPdf, async ({ params, me, response, inShop }) => {
    const { job, joints } = await inShop(async (shop) => {
      const found = await jobView(shop, idParam(params, 'job'));
      const planned = found.order.filter((j) => j.state !== 'not planned');
      const views = [];
      for (const { id } of planned) views.push(await jointView(shop, id));
      return { job: found, joints: views.filter((j) => j.plan !== null) };
    });
    if (joints.length === 0) throw notFound('A planned joint of this job');
    send(response, `${job.unit.tag}-job-${job.number}`, await plansPdf(joints, me.units));
  });
}
