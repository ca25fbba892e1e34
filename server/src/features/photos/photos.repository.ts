import type { EntryPhoto } from '@kesto/core';
import type { CleanPhoto } from './photos.service';

export interface PhotoRepository {
  byHash(sha256: string): Promise<CleanPhoto | null>;
  /** What is known of the photos that are stored, without their bytes. */
  factsOf(hashes: readonly string[]): Promise<ReadonlyMap<string, EntryPhoto>>;
  /** The same photo again is the same photo. */
  add(photo: CleanPhoto): Promise<void>;
}
