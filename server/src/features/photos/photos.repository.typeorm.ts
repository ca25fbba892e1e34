import type { EntryPhoto } from '@kesto/core';
import { In } from 'typeorm';
import { Photos, type PhotoRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

export async function addPhoto({ shopId, manager }: ShopWork, photo: { sha256: string; mediaType: string; bytes: Buffer }): Promise<void> {
  await manager
    .createQueryBuilder()
    .insert()
    .into(Photos)
    .values({ shop_id: shopId, sha256: photo.sha256, media_type: photo.mediaType, bytes: photo.bytes })
    .orIgnore()
    .execute();
}

export async function photoFacts({ shopId, manager }: ShopWork, hashes: readonly string[]): Promise<Map<string, EntryPhoto>> {
  if (hashes.length === 0) return new Map();
  const rows = await manager
    .createQueryBuilder(Photos, 'photo')
    .select(['photo.sha256 as sha256', 'photo.media_type as media_type', 'length(photo.bytes) as size'])
    .where({ shop_id: shopId, sha256: In([...hashes]) })
    .getRawMany<{ sha256: string; media_type: string; size: number }>();
  return new Map(rows.map((row) => [row.sha256, { sha256: row.sha256, mediaType: row.media_type, bytes: Number(row.size) }]));
}

export const photoBytes = ({ shopId, manager }: ShopWork, sha256: string): Promise<PhotoRow | null> =>
  manager.findOneBy(Photos, { shop_id: shopId, sha256 });
