import { createHash } from 'node:crypto';
import sharp, { type Metadata } from 'sharp';
import { PHOTO_LIMIT_BYTES, PHOTO_LONGEST_SIDE_PX } from '@kesto/contract';
import { AppError } from '../../platform/errors';

const KNOWN = ['jpeg', 'png', 'webp'];
/** What a phone's camera makes at its largest, and no more: what is behind a small file is not known before it is decoded. */
const PIXEL_LIMIT = 50_000_000;
const SIDE_LIMIT_PX = 12_000;
const DECODED_LIMIT_BYTES = 200_000_000;
/** A drawing stays a PNG, without loss, as long as it is small. */
const PNG_LIMIT_BYTES = 2_000_000;
const JPEG = { quality: 82 } as const;
const UNREADABLE = 'The photo cannot be read to its end: it may be damaged.';

const SAMPLE_BYTES: Readonly<Record<string, number>> = { uchar: 1, char: 1, ushort: 2, short: 2 };

const sha256 = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');

/** What is kept of a photo, under the hash of what is kept. */
export interface CleanPhoto {
  readonly sha256: string;
  readonly mediaType: string;
  readonly bytes: Buffer;
}

/** The hash of what a device sent, and of what is kept of it: the device names its photo by the first. */
export interface SentPhoto {
  readonly sent: string;
  readonly sha256: string;
}

/** Makes what is kept of a photo; a queue of its own in the running server, in place where nothing else waits. */
export type PhotoCleaner = (sent: Buffer) => Promise<CleanPhoto>;

/** What arrived is what was meant to be sent. */
export function checkArrival(sent: Buffer, sourceHash: string): void {
  if (sent.length === 0) throw new AppError('NOT_AN_IMAGE', 'The photo is empty.', 'photo');
  if (sent.length > PHOTO_LIMIT_BYTES) throw new AppError('TOO_LARGE', 'A photo may have at most 12 MB.', 'photo');
  if (sha256(sent) === sourceHash) return;
  throw new AppError('INVALID_INPUT', 'The photo arrived damaged: its bytes do not have the hash in the address.', 'source');
}

/** Judges a picture by its header, before a pixel of it is decoded. */
function checkHeader({ format, width, height, channels = 4, depth = 'float' }: Partial<Metadata>): boolean {
  if (!format || !KNOWN.includes(format)) {
    throw new AppError('NOT_AN_IMAGE', 'This file is not a photo. JPEG, PNG and WebP are taken.', 'photo');
  }
  const pixels = (width ?? 0) * (height ?? 0);
  const isLarge = pixels > PIXEL_LIMIT || Math.max(width ?? 0, height ?? 0) > SIDE_LIMIT_PX;
  if (isLarge || pixels * channels * (SAMPLE_BYTES[depth] ?? 4) > DECODED_LIMIT_BYTES) {
    throw new AppError(
      'TOO_LARGE',
      `A photo may have at most ${PIXEL_LIMIT / 1_000_000} million pixels (${SIDE_LIMIT_PX} on a side), 8 bits each; this one has ${width} x ${height}.`,
      'photo',
    );
  }
  return format === 'png';
}

/**
 * What is kept of a photo: told by its content to be an image, turned upright, at most 2000 px, with nothing the camera
 * wrote beside the picture (place, time, device) and nothing behind it. Always encoded anew: what is kept was written by us.
 */
export const cleanPhoto: PhotoCleaner = async (sent) => {
  const header = await sharp(sent, { limitInputPixels: false })
    .metadata()
    .catch(() => ({}));
  const isPng = checkHeader(header);
  const upright = sharp(sent, { limitInputPixels: PIXEL_LIMIT, failOn: 'error', sequentialRead: true })
    .rotate()
    .resize({ width: PHOTO_LONGEST_SIDE_PX, height: PHOTO_LONGEST_SIDE_PX, fit: 'inside', withoutEnlargement: true });
  const encoded = (type: 'png' | 'jpeg') =>
    upright
      .clone()
      .toFormat(type, type === 'jpeg' ? JPEG : {})
      .toBuffer()
      .catch((cause: unknown) => {
        throw new AppError('NOT_AN_IMAGE', UNREADABLE, 'photo', { cause });
      });
  const png = isPng ? await encoded('png') : null;
  const keepsPng = png !== null && png.length <= PNG_LIMIT_BYTES;
  const bytes = keepsPng ? png : await encoded('jpeg');
  return { sha256: sha256(bytes), mediaType: keepsPng ? 'image/png' : 'image/jpeg', bytes };
};
