import type { UnitPlate } from '../units/types';

/** What a word is found in: a tag, a name, a place, a person's work. At most eight of each, the newest first. */
export interface Found {
  readonly units: readonly (UnitPlate & { readonly site: string })[];
  readonly jobs: readonly {
    readonly id: string;
    readonly number: number;
    readonly title: string;
    readonly tag: string;
    readonly done: boolean;
  }[];
  readonly joints: readonly { readonly id: string; readonly tag: string; readonly title: string; readonly by: string | null }[];
  /** Joints in records of other shops. */
  readonly imported: readonly { readonly sha256: string; readonly tag: string; readonly shop: string | null }[];
}

/** So long a word is looked for at most. */
export const SEARCH_LIMIT = 60;
