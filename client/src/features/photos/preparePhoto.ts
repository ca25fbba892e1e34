import { PHOTO_LONGEST_SIDE_PX } from '@kesto/contract/api';
import { bytesHash } from '@kesto/core';

const JPEG_QUALITY = 0.82;

/** A photo as it will be kept: its final bytes, and the name they give it. */
export interface PreparedPhoto {
  readonly sha256: string;
  readonly file: Blob;
}

/**
 * Draws the picture anew, upright and no larger than it is kept: what the camera wrote beside it (place, time, device) never leaves
 * the phone, and the record can name the photo before the server has it. Null where the file is no picture.
 */
export async function preparePhoto(picked: Blob): Promise<PreparedPhoto | null> {
  const picture = await createImageBitmap(picked, { imageOrientation: 'from-image' }).catch(() => null);
  if (!picture) return null;
  const scale = Math.min(1, PHOTO_LONGEST_SIDE_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const file = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', JPEG_QUALITY));
  return file && { sha256: bytesHash(new Uint8Array(await file.arrayBuffer())), file };
}
