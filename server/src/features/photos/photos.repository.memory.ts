import type { MemoryRows } from '../../platform/memory/rows';
import type { PhotoRepository } from './photos.repository';

export const memoryPhotos = ({ photos }: MemoryRows): PhotoRepository => ({
  byHash: async (sha256) => photos.find((photo) => photo.sha256 === sha256) ?? null,
  factsOf: async (hashes) =>
    new Map(
      photos
        .filter(({ sha256 }) => hashes.includes(sha256))
        .map(({ sha256, mediaType, bytes }) => [sha256, { sha256, mediaType, bytes: bytes.length }]),
    ),
  async add(photo) {
    if (!photos.some(({ sha256 }) => sha256 === photo.sha256)) photos.push(photo);
  },
});
