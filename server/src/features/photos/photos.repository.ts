import type { EntryPhoto } from '@kesto/core';
import type { CleanPhoto, SentPhoto } from './photos.service';

/** A photo without its bytes, and the hash that it was sent under. */
export type KeptPhoto = EntryPhoto & Pick<SentPhoto, 'sent'>;

/** Photos are asked for by the hash of what was sent, or of what is kept. */
export interface PhotoRepository {
  byHash(hash: string): Promise<CleanPhoto | null>;
  /** What is known of the photos that are stored, without their bytes, by the hash that was asked. */
  factsOf(hashes: readonly string[]): Promise<ReadonlyMap<string, KeptPhoto>>;
  /** The same photo again is the same photo. */
  add(photo: CleanPhoto, sent: string): Promise<void>;
}
