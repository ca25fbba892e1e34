import { In } from 'typeorm';
import { Photos, PhotosSent } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { PhotoRepository } from './photos.repository';

export function typeormPhotos({ shopId, manager }: ShopTransaction): PhotoRepository {
  /** The hash of what is kept, by the hash that was asked. */
  async function keptAs(hashes: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const sent = await manager.findBy(PhotosSent, { shopId, sent: In([...hashes]) });
    return new Map([...hashes.map((hash) => [hash, hash] as const), ...sent.map((row) => [row.sent, row.sha256] as const)]);
  }
  async function stored(hashes: readonly string[]) {
    const rows = await manager
      .createQueryBuilder(Photos, 'photo')
      .select(['photo.sha256 as sha256', 'photo.media_type as media_type', 'length(photo.bytes) as size'])
      .where({ shopId, sha256: In([...hashes]) })
      .getRawMany<{ sha256: string; media_type: string; size: number }>();
    return new Map(rows.map((row) => [row.sha256, { sha256: row.sha256, mediaType: row.media_type, bytes: Number(row.size) }]));
  }
  return {
    byHash: async (hash) => manager.findOneBy(Photos, { shopId, sha256: (await keptAs([hash])).get(hash) ?? hash }),
    async factsOf(hashes) {
      if (hashes.length === 0) return new Map();
      const kept = await keptAs(hashes);
      const photos = await stored([...kept.values()]);
      return new Map(
        hashes.flatMap((sent) => {
          const photo = photos.get(kept.get(sent) ?? sent);
          return photo ? [[sent, { ...photo, sent }]] : [];
        }),
      );
    },
    async add({ sha256, mediaType, bytes }, sent) {
      await manager.createQueryBuilder().insert().into(Photos).values({ shopId, sha256, mediaType, bytes }).orIgnore().execute();
      await manager.createQueryBuilder().insert().into(PhotosSent).values({ shopId, sent, sha256 }).orIgnore().execute();
    },
  };
}
