import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { PHOTO_LIMIT_BYTES } from '@kesto/contract';
import { AppError } from '../../platform/errors';

const KNOWN = ['jpeg', 'png', 'webp'];
const LONGEST_SIDE_PX = 2000;
const PIXEL_LIMIT = 80_000_000;

const sha256 = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');

export interface CleanPhoto {
  readonly sha256: string;
  readonly mediaType: string;
  readonly bytes: Buffer;
}

/**
 * What is kept of a photo: told by its content to be an image, turned upright, at most 2000 px, with nothing the camera
 * wrote beside the picture (place, time, device).
 */
export async function cleanPhoto(sent: Buffer, sourceHash: string): Promise<CleanPhoto> {
  if (sent.length === 0) throw new AppError('NOT_AN_IMAGE', 'The photo is empty.', 'photo');
  if (sent.length > PHOTO_LIMIT_BYTES) throw new AppError('TOO_LARGE', 'A photo may have at most 12 MB.', 'photo');
  if (sha256(sent) !== sourceHash)
    throw new AppError('INVALID_INPUT', 'The photo arrived damaged: its bytes do not have the hash in the address.', 'source');
  const image = sharp(sent, { limitInputPixels: PIXEL_LIMIT, failOn: 'error' });
  const format = await image.metadata().then(
    (meta) => meta.format,
    () => undefined,
  );
  if (!format || !KNOWN.includes(format))
    throw new AppError('NOT_AN_IMAGE', 'This file is not a photo. JPEG, PNG and WebP are taken.', 'photo');
  const bytes = await image
    .rotate()
    .resize({ width: LONGEST_SIDE_PX, height: LONGEST_SIDE_PX, fit: 'inside', withoutEnlargement: true })
    .toFormat(format === 'png' ? 'png' : 'jpeg', format === 'png' ? {} : { quality: 82 })
    .toBuffer()
    .catch((cause: unknown) => {
      throw new AppError('NOT_AN_IMAGE', 'The photo cannot be read to its end: it may be damaged.', 'photo', { cause });
    });
  return { sha256: sha256(bytes), mediaType: format === 'png' ? 'image/png' : 'image/jpeg', bytes };
}
