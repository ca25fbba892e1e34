import { In } from 'typeorm';
import { Photos } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { PhotoRepository } from './photos.repository';

export const typeormPhotos = ({ shopId, manager }: ShopTransaction): PhotoRepository => ({
  byHash: (sha256) => manager.findOneBy(Photos, { shopId, sha256 }),
  async factsOf(hashes) {
    if (hashes.length === 0) return new Map();
    const rows = await manager
      .createQueryBuilder(Photos, 'photo')
      .select(['photo.sha256 as sha256', 'photo.media_type as media_type', 'length(photo.bytes) as size'])
      .where({ shopId, sha256: In([...hashes]) })
      .getRawMany<{ sha256: string; media_type: string; size: number }>();
    return new Map(rows.map((row) => [row.sha256, { sha256: row.sha256, mediaType: row.media_type, bytes: Number(row.size) }]));
  },
  async add({ sha256, mediaType, bytes }) {
    await manager.createQueryBuilder().insert().into(Photos).values({ shopId, sha256, mediaType, bytes }).orIgnore().execute();
  },
});
