import { PHOTO_LIMIT_BYTES, type StoredPhoto } from '@kesto/contract';
import { notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { hashParam } from '../../platform/http/params';
import { rawBody } from '../../platform/http/rawBody';
import type { Registrar } from '../../platform/http/register';
import { checkArrival } from './photos.service';

const bodyBytes = rawBody(PHOTO_LIMIT_BYTES);

const storedOf = ({ sha256, mediaType, bytes }: StoredPhoto): StoredPhoto => ({ sha256, mediaType, bytes });

export function photoRoutes(routes: Registrar, { photos }: Platform): void {
  routes.signed('putPhoto', async ({ params, request, response, inShop }) => {
    const sent = await bodyBytes(request, response);
    const source = hashParam(params, 'source');
    checkArrival(sent, source);
    // Encoded once: another version of the encoder would make other bytes of it.
    const known = await inShop(async (shop) => (await shop.photos.factsOf([source])).get(source));
    if (known) return { body: storedOf(known) };
    const photo = await photos.clean(sent);
    await inShop((shop) => shop.photos.add(photo, source));
    return { body: storedOf({ ...photo, bytes: photo.bytes.length }) };
  });
  routes.signed('getPhoto', async ({ params, response, inShop }) => {
    const photo = await inShop((shop) => shop.photos.byHash(hashParam(params, 'sha256')));
    if (!photo) throw notFound('This photo');
    response.setHeader('cache-control', 'private, max-age=31536000, immutable');
    response.type(photo.mediaType).send(photo.bytes);
  });
}
