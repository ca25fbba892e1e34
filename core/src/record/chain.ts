import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import canonicalize from 'canonicalize';
import type { KindOf } from '../ledger/kinds';
import type { JOINT_KINDS_2 } from '../ledger/formerKinds';

export type EntryKind = KindOf<'joint'>;
/** Kinds of format 2. */
export type EntryKind2 = (typeof JOINT_KINDS_2)[number];
/** Kinds as entries of format 1 name them: words where there are ids since. */
export type FormerKind = Exclude<EntryKind2, 'looked-at' | 'sent-back' | 'cut-out'> | 'looked at' | 'sent back' | 'cut out';

export interface EntryPhoto {
  readonly sha256: string;
  readonly mediaType: string;
  readonly bytes: number;
}

/** What one link of a joint's chain says in the formats before 3. All of it is hashed. */
export interface SealedContent {
  /** Format 1 had words where there are ids since; a chain may hold both, and format 3 after them. */
  readonly format: 1 | 2;
  readonly id: string;
  readonly joint: { readonly id: string; readonly tag: string };
  readonly sequence: number;
  readonly kind: EntryKind2 | FormerKind;
  readonly person: { readonly id: string; readonly name: string };
  readonly deviceTime: string;
  readonly serverTime: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly EntryPhoto[];
  /** The entry this one corrects, and why. */
  readonly corrects: { readonly entry: string; readonly why: string } | null;
  /** Hash of the entry before it; null for the first. */
  readonly previous: string | null;
}

export interface RecordEntry {
  readonly content: SealedContent;
  readonly hash: string;
}

/** SHA-256 of the RFC 8785 canonical JSON of a value, in hex. */
export function canonicalHash(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new Error('only JSON values can be hashed');
  return bytesToHex(sha256(utf8ToBytes(text)));
}

/** RFC 8785 canonical JSON of a value, to the letter that is hashed; empty for what is no JSON. */
export const canonicalText = (value: unknown): string => canonicalize(value) ?? '';

/** SHA-256 of bytes, in hex. Source: FIPS 180-4. */
export const bytesHash = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));

/** A link of the chain: the content with the SHA-256 of its canonical JSON. */
export function sealEntry(content: SealedContent): RecordEntry {
  return { content, hash: canonicalHash(content) };
}
