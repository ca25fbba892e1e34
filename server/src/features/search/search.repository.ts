import type { Found } from '@kesto/contract';

export interface SearchRepository {
  /** Everything of this shop that a word is found in. */
  find(text: string): Promise<Found>;
}
