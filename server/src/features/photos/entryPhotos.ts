import type { EntryPhoto } from '@kesto/core';
import type { ShopWork } from '../../platform/db/shop';
import { AppError } from '../../platform/errors';
import { photoFacts } from './photos.repository.typeorm';

/** The photos an entry names, as they are stored. */
export async function photosOf(shop: ShopWork, hashes: readonly string[]): Promise<readonly EntryPhoto[]> {
  const facts = await photoFacts(shop, hashes);
  return hashes.map((sha256, i) => {
    const fact = facts.get(sha256);
    if (!fact) throw new AppError('INVALID_INPUT', `photos[${i}] is not stored yet: send the photo first`, `photos[${i}]`);
    return fact;
  });
}
