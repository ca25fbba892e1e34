import type { ShopWork } from '../shopWork';
import { AppError } from '../../platform/errors';
import type { KeptPhoto } from './photos.repository';

/** The photos that something names in a field, as they are stored. */
export async function photosOf(shop: ShopWork, hashes: readonly string[], field = 'photos'): Promise<readonly KeptPhoto[]> {
  const facts = await shop.photos.factsOf(hashes);
  return hashes.map((sent, i) => {
    const fact = facts.get(sent);
    if (!fact) throw new AppError('INVALID_INPUT', `${field}[${i}] is not stored yet: send the photo first`, `${field}[${i}]`);
    return fact;
  });
}
