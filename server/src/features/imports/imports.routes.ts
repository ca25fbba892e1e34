import { IMPORT_LIMIT_BYTES, IMPORTS_SHOWN } from '@kesto/contract';
import { notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { hashParam } from '../../platform/http/params';
import { rawBody } from '../../platform/http/rawBody';
import type { Registrar } from '../../platform/http/register';
import { readImport, takeIn, viewOf } from './imports.service';

const bodyBytes = rawBody(IMPORT_LIMIT_BYTES);

export function importRoutes(routes: Registrar, { clock }: Pick<Platform, 'clock'>): void {
  routes.signed('setImport', async ({ params, request, response, me, inShop }) => {
    const bytes = await bodyBytes(request, response);
    const read = readImport(bytes, hashParam(params, 'sha256'), me.shop.id);
    const view = await inShop((shop) => takeIn(shop, { ...read, personId: me.person.id, at: clock() }));
    if (!view) throw notFound('This file');
    return { body: view };
  });
  routes.signed('imports', async ({ inShop }) => ({
    body: (await inShop(({ imports }) => imports.newest(IMPORTS_SHOWN))).map(viewOf),
  }));
  routes.signed('importedFile', async ({ params, response, inShop }) => {
    const bytes = await inShop(({ imports }) => imports.bytesOf(hashParam(params, 'sha256')));
    if (!bytes) throw notFound('This file');
    // Never shown as a page: it is another shop's, and checked by whoever fetches it.
    response.attachment('record').type('application/octet-stream').send(Buffer.from(bytes));
  });
}
