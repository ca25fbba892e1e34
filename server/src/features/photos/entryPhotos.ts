import type { EntryPhoto } from '@kesto/core';
import type { ShopWork } from '../shopWork';
import { AppError } from '../../platform/errors';

/** The photos that something names in a field, as they are stored. */
export async function photosOf(shop: ShopWork, hashes: readonly string[], field = 'photos'): Promise<readonly EntryPhoto[]> {
  const facts = await shop.photos.factsOf(hashes);
  return hashes.map((sha256, i) => {
    const fact = facts.get(sha256);
    if (!fact) throw new AppError('INVALID_INPUT', `${field}[${i}] is not stored yet: send the photo first`, `${field}[${i}]`);
    return fact;
  });
}
