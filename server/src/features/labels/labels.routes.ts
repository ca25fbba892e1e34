import { LABELS_A_MINUTE } from '@kesto/contract';
import type { Response } from 'express';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { printFonts } from '../print';
import { labelsOf, labelsOfJob, refuseEmpty, type PrintedLabel } from './labels.service';
import { labelsPdf } from './labelsPdf';
import { labelsSvg } from './labelsSvg';

const nameOf = (labels: readonly PrintedLabel[]) =>
  labels.length === 1 ? (labels[0]?.tag ?? 'label') : `${labels[0]?.unit ?? 'job'}-labels`;
const sendSvg = (response: Response, labels: readonly PrintedLabel[]) =>
  void response
    .attachment(`${nameOf(labels)}.svg`)
    .type('image/svg+xml')
    .send(labelsSvg(labels));

export function labelRoutes(routes: Registrar, platform: Platform): void {
  const { seals, publicUrl, fontsDir, store } = platform;
  const made = { seals, publicUrl };
  const asks = new RateLimiterMemory({ points: LABELS_A_MINUTE, duration: 60 });
  const sendPdf = async (response: Response, labels: readonly PrintedLabel[]) => {
    const pdf = await labelsPdf(labels, printFonts(fontsDir), nameOf(labels));
    response
      .type('application/pdf')
      .setHeader('content-disposition', `inline; filename="${nameOf(labels)}.pdf"`)
      .send(pdf);
  };
  routes.signed('labelSvg', async ({ params, response, inShop }) =>
    sendSvg(response, refuseEmpty(await inShop((shop) => labelsOf(shop, [idParam(params, 'joint')], made)))),
  );
  routes.signed('labelPdf', async ({ params, response, inShop }) =>
    sendPdf(response, refuseEmpty(await inShop((shop) => labelsOf(shop, [idParam(params, 'joint')], made)))),
  );
  routes.signed('labelsSvg', async ({ params, response, inShop }) =>
    sendSvg(response, refuseEmpty(await inShop((shop) => labelsOfJob(shop, idParam(params, 'job'), made)))),
  );
  routes.signed('labelsPdf', async ({ params, response, inShop }) =>
    sendPdf(response, refuseEmpty(await inShop((shop) => labelsOfJob(shop, idParam(params, 'job'), made)))),
  );
  routes.open('readLabel', async ({ body, request }) => {
    await asks.consume(request.ip ?? '').catch(() => {
      throw new AppError('TOO_MANY_TRIES', 'Too many labels from this address: wait a minute.');
    });
    return { body: { known: await store.knowsHead(body) } };
  });
}
