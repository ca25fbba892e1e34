import { RECORD_FORMAT, RECORD_VERSION, type ExportedRecord } from '@kesto/core';
import type { ShopWork } from '../../platform/db/shop';
import { AppError } from '../../platform/errors';
import { photoBytes } from '../photos/photos.repository.typeorm';
import { entriesOf } from './joints.repository.typeorm';

/** One joint's record as a file that can be checked without this server: every value in it is under the chain. */
export async function exportRecord(shop: ShopWork, jointId: string): Promise<ExportedRecord> {
  const entries = (await entriesOf(shop, [jointId])).get(jointId) ?? [];
  if (entries.length === 0) throw new AppError('NOT_FOUND', 'This joint has no record yet: nothing was made.');
  const photos: Record<string, string> = {};
  for (const { sha256 } of entries.flatMap((e) => e.content.photos)) {
    photos[sha256] ??= (await photoBytes(shop, sha256))?.bytes.toString('base64') ?? '';
  }
  return { format: RECORD_FORMAT, version: RECORD_VERSION, entries, photos };
}
