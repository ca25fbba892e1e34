import type { MemoryRows } from '../../platform/memory/rows';
import type { PhotoRepository } from './photos.repository';

export function memoryPhotos({ photos, photosSent }: MemoryRows): PhotoRepository {
  const find = (hash: string) => {
    const kept = photosSent.find(({ sent }) => sent === hash)?.sha256 ?? hash;
    return photos.find(({ sha256 }) => sha256 === kept) ?? null;
  };
  return {
    byHash: async (hash) => find(hash),
    factsOf: async (hashes) =>
      new Map(
        hashes.flatMap((sent) => {
          const photo = find(sent);
          return photo ? [[sent, { sha256: photo.sha256, mediaType: photo.mediaType, bytes: photo.bytes.length, sent }]] : [];
        }),
      ),
    async add(photo, sent) {
      if (!photos.some(({ sha256 }) => sha256 === photo.sha256)) photos.push(photo);
      if (!photosSent.some((row) => row.sent === sent)) photosSent.push({ sent, sha256: photo.sha256 });
    },
  };
}
