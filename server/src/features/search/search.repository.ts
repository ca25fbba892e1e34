import type { Found, SiteView } from '@kesto/contract';

export interface SearchRepository {
  /** Everything of this shop that a word is found in. */
  find(text: string): Promise<Found>;
  /** Sites whose names have its words, by name. */
  sites(text: string): Promise<readonly SiteView[]>;
}
