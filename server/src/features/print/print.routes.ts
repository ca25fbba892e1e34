import type { Response } from 'express';
import { notFound } from '../../platform/errors';
import { idParam } from '../../platform/http/params';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { jointView, jointViews } from '../joints';
import { printFonts } from './fonts';
import { plansPdf } from './planPdf';

const send = (response: Response, name: string, pdf: Buffer) =>
  void response.type('application/pdf').setHeader('content-disposition', `inline; filename="${name}.pdf"`).send(pdf);

export function printRoutes(routes: Registrar, { fontsDir }: Platform): void {
  routes.signed('planPdf', async ({ params, me, response, inShop }) => {
    const joint = await inShop((shop) => jointView(shop, idParam(params, 'joint')));
    if (!joint.plan) throw notFound('A plan of this joint');
    send(response, joint.tag, await plansPdf([joint], me.units, printFonts(fontsDir)));
  });
  routes.signed('plansPdf', async ({ params, me, response, inShop }) => {
    const joints = await inShop((shop) => jointViews(shop, idParam(params, 'job'), (joint) => joint.state !== 'not-planned'));
    const [first] = joints;
    if (!first) throw notFound('A planned joint of this job');
    send(response, `${first.unit.tag}-job-${first.job.number}`, await plansPdf(joints, me.units, printFonts(fontsDir)));
  });
}
