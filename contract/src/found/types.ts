import type { JointState } from '@kesto/core';

/** What joints are found by; all that is said has to fit. */
export interface FoundAsked {
  /** Beginning of the tag. */
  readonly tag?: string;
  /** Tag of a machine. */
  readonly unit?: string;
  /** Whoever made it, by id. */
  readonly person?: string;
  readonly filler?: string;
  /** Beginning of the filler's lot. */
  readonly lot?: string;
  /** Days on which it was made, ISO 8601. */
  readonly from?: string;
  readonly to?: string;
  readonly state?: JointState;
  /** Where a page begins: what the one before named as its next. */
  readonly after?: string;
}

export interface FoundJoint {
  readonly id: string;
  readonly tag: string;
  readonly title: string;
  readonly unit: { readonly id: string; readonly tag: string; readonly name: string };
  readonly site: string;
  readonly maker: string | null;
  readonly filler: string | null;
  readonly lot: string | null;
  readonly madeAt: string | null;
  readonly state: JointState;
}

/** Joints the newest first, a page of them. */
export interface FoundPage {
  readonly joints: readonly FoundJoint[];
  readonly next: string | null;
  /** Whether some of what was noted is not in it yet; it is worked off by itself. */
  readonly isBehind: boolean;
  /** How many there are in all, counted no further than `FOUND_COUNTED`; on the first page alone. */
  readonly count: number | null;
}

export const FOUND_PAGE = 50;
export const FOUND_COUNTED = 1000;
/** Rows of a table that is given away. */
export const FOUND_CSV_MOST = 20_000;
export const FOUND_KEYS = [
  'tag',
  'unit',
  'person',
  'filler',
  'lot',
  'from',
  'to',
  'state',
  'after',
] as const satisfies readonly (keyof FoundAsked)[];
/** In an address, where nothing is asked. */
const EVERY_JOINT = 'all';

/** What is asked as one segment of an address; the same asked gives the same text. */
export function foundAddress(asked: FoundAsked): string {
  const said = FOUND_KEYS.flatMap((key) => (asked[key] ? [`${key}=${encodeURIComponent(asked[key])}`] : []));
  return said.length === 0 ? EVERY_JOINT : said.join('&');
}

function decoded(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}

/** What an address asks; keys that nobody knows are left out. */
export function foundAsked(address: string): FoundAsked {
  const said = new Map(address.split('&').map((pair) => [pair.slice(0, pair.indexOf('=')), decoded(pair.slice(pair.indexOf('=') + 1))]));
  return Object.fromEntries(FOUND_KEYS.flatMap((key) => (said.get(key) ? [[key, said.get(key)]] : [])));
}
