import type { Response } from 'express';
import { notFound } from '../../platform/errors';
import { clocked } from '../../platform/http/clockOffset';
import { idParam } from '../../platform/http/params';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { drawing } from '../circuits';
import { jobView } from '../jobs';
import { jointView, jointViews } from '../joints';
import type { ShopWork } from '../shopWork';
import { factsIn, type CircuitGraph } from '@kesto/core';
import { printFonts } from './fonts';
import { foundPdf, photosOfFinds } from './foundPdf';
import { jobPdf } from './jobPdf';
import type { PhotoBytes } from './photoRow';
import { plansPdf } from './planPdf';
import { photosOfJoint, recordPdf } from './recordPdf';
import { keepReport, reportBefore } from './report/keepReport';
import { reportPdf } from './report/reportPdf';
import { sentOf } from './report/sent';

const send = (response: Response, name: string, pdf: Buffer) =>
  void response.type('application/pdf').setHeader('content-disposition', `inline; filename="${name}.pdf"`).send(pdf);

/** Photos that are asked for, each once; one that never reached the server is left out. */
async function photosOf(shop: ShopWork, wanted: readonly string[]): Promise<PhotoBytes> {
  const found = new Map<string, Buffer>();
  for (const sha256 of new Set(wanted)) {
    const photo = await shop.photos.byHash(sha256);
    if (photo) found.set(sha256, photo.bytes);
  }
  return found;
}

const graphOf = async (shop: ShopWork, circuitId: string): Promise<CircuitGraph | null> =>
  (await drawing(shop, circuitId)).drawing?.circuit ?? null;

/** What a report is made from, as it stands now. */
async function reportPaper(
  shop: ShopWork,
  jobId: string,
  { analyst, clock, publicUrl }: Pick<Platform, 'analyst' | 'clock' | 'publicUrl'>,
) {
  const job = await jobView(shop, jobId);
  const joints = await jointViews(shop, job.id, (joint) => joint.state !== 'not-planned' && joint.state !== 'planned');
  const sent = await sentOf(shop, analyst, { jobId: job.id, entries: job.stages.entries, now: clock() });
  const photos = await photosOf(shop, photosOfFinds(job));
  return { job, joints, graph: await graphOf(shop, job.circuitId), sent, photos, publicUrl };
}

export function printRoutes(routes: Registrar, platform: Platform): void {
  const { fontsDir, clock } = platform;
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
  routes.signed('recordPdf', async ({ params, me, response, inShop }) => {
    const { joint, photos } = await inShop(async (shop) => {
      const found = await jointView(shop, idParam(params, 'joint'));
      return { joint: found, photos: await photosOf(shop, photosOfJoint(found)) };
    });
    send(response, `${joint.tag}-record`, await recordPdf(joint, me.units, { fonts: printFonts(fontsDir), photos }));
  });
  routes.signed('jobPdf', async ({ params, me, response, inShop }) => {
    const paper = await inShop(async (shop) => {
      const job = await jobView(shop, idParam(params, 'job'));
      const joints = await jointViews(shop, job.id, (joint) => joint.state !== 'not-planned' && joint.state !== 'planned');
      const ofStages = factsIn(job.stages.entries).flatMap((fact) => fact.photos.map(({ sha256 }) => sha256));
      const photos = await photosOf(shop, [...ofStages, ...joints.flatMap(photosOfJoint)]);
      return { job, joints, photos, graph: await graphOf(shop, job.circuitId) };
    });
    send(response, `${paper.job.unit.tag}-job-${paper.job.number}`, await jobPdf(paper, me.units, printFonts(fontsDir)));
  });
  routes.signed('reportPdf', async ({ params, me, response, inShop }) => {
    const paper = await inShop((shop) => reportPaper(shop, idParam(params, 'job'), platform));
    send(response, `${paper.job.unit.tag}-job-${paper.job.number}-report`, (await reportPdf(paper, me.units, printFonts(fontsDir))).pdf);
  });
  routes.signed('setReport', async ({ params, body, me, request, inShop }) => {
    const [jobId, entryId] = [idParam(params, 'job'), idParam(params, 'entry')];
    const before = await inShop((shop) => reportBefore(shop, entryId));
    if (before) return { body: before };
    const paper = await inShop((shop) => reportPaper(shop, jobId, platform));
    const made = await reportPdf(paper, me.units, printFonts(fontsDir));
    const asked = { jobId, entryId, person: me.person, deviceTime: body.deviceTime, ...clocked(request, clock) };
    return { body: await inShop((shop) => keepReport(shop, { ...made, ...asked })) };
  });
  routes.signed('foundPdf', async ({ params, me, response, inShop }) => {
    const paper = await inShop(async (shop) => {
      const job = await jobView(shop, idParam(params, 'job'));
      return { job, photos: await photosOf(shop, photosOfFinds(job)), graph: await graphOf(shop, job.circuitId) };
    });
    send(response, `${paper.job.unit.tag}-found`, await foundPdf(paper, me.units, printFonts(fontsDir)));
  });
}
