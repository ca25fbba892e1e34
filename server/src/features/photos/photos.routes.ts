import { PHOTO_LIMIT_BYTES, type StoredPhoto } from '@kesto/contract';
import express, { type Request, type Response } from 'express';
import { AppError, notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { checkArrival } from './photos.service';

const raw = express.raw({ type: () => true, limit: PHOTO_LIMIT_BYTES });

/** Read after the sender is known, so that a stranger cannot make the server hold megabytes. */
function bodyBytes(request: Request, response: Response): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    raw(request, response, (error?: unknown) => {
      if (error)
        reject(error as Error); // cast: body-parser hands over HttpErrors
      else resolve(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
    });
  });
}

function hashParam(params: Readonly<Record<string, string>>, name: string): string {
  const value = params[name] ?? '';
  if (!/^[0-9a-f]{64}$/.test(value)) throw new AppError('INVALID_INPUT', `${name} must be a SHA-256 in hex`, name);
  return value;
}

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
