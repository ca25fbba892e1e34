import { base64 } from '@scure/base';
import { fail, ok, type Result } from '../result';
import { isLedgerLink } from './jointEntry';
import type { JointLink } from './jointEntry';
import { isWorkedAgain, jointFindings, type CheckLevel, type Finding } from '../ledger/findings';
import { firstBreakOf, type BreakReason } from '../ledger/verifyChain';
import type { Seal } from '../tree/seal';
import { recordMisfit } from './recordShape';

export const RECORD_FORMAT = 'kesto-joint-record';
/** Version 1 held entries of formats 1 and 2; 2 holds format 3 as well; 3 carries the shop's seal. */
export const RECORD_VERSION = 3;
export const RECORD_VERSIONS = [1, 2, RECORD_VERSION];

/** One joint's record as a file. Everything but the two format fields is under the chain; those two are checked by value. */
export interface ExportedRecord {
  readonly format: typeof RECORD_FORMAT;
  readonly version: number;
  readonly entries: readonly JointLink[];
  /** Photo bytes in base64 by the SHA-256 that stands in the entry. */
  readonly photos: Readonly<Record<string, string>>;
  /** From version 3: what `checkSigned` looks into; null where the shop seals nothing. */
  readonly seal?: Seal | null;
}

/** Where a chain stops holding. `entry` counts from 1, as on the screen. */
export interface Break {
  readonly chain: 'joint';
  readonly joint: string;
  readonly entry?: number;
  readonly photo?: string;
  readonly head?: string;
  readonly why: BreakReason;
}

/** A hash somebody noted earlier, found again in the chain. */
export interface HeadFound {
  readonly head: string;
  readonly isLast: boolean;
  readonly entriesAfter: number;
}

/** How far the check of a chain that holds got, and what is to be said of its entries by the rules of their day. */
export interface Judged {
  readonly reached: readonly CheckLevel[];
  readonly findings: readonly Finding[];
}

/** What is signed is checked apart: `checkSigned`. */
export const judgedOf = (links: readonly JointLink[]): Judged => ({
  reached: ['read', 'hangs-together', 'keeps-rules', ...(isWorkedAgain(links) ? (['worked-again'] as const) : [])],
  findings: jointFindings(links),
});

export type Verification =
  | ({ readonly intact: true; readonly entries: number; readonly head: string; readonly noted?: HeadFound } & Judged)
  | { readonly intact: false; readonly firstBroken: Break };

const checkShape = recordMisfit(RECORD_FORMAT, RECORD_VERSIONS);

/**
 * Checks a record with nothing but itself: its shape, each entry's hash, the link to the one before, the sequence, that all speak of
 * one joint, that corrections name an earlier entry, and that every photo's bytes have the hash its entry names.
 *
 * It shows that the file hangs together. Whoever can write a whole new file can make one that hangs together too, and a file cut
 * short hangs together as well: with `notedHead`, a hash noted earlier (on paper, from the server), the chain must hold that very entry.
 *
 * @param file       anything; what has not the shape of a record is refused with the path of what does not fit
 * @param notedHead  SHA-256 in hex of an entry the chain must hold
 */
export function verifyRecord(file: unknown, notedHead?: string): Result<Verification> {
  const misfit = checkShape(file);
  if (misfit) return fail({ kind: 'refused', field: misfit.field || 'record', reason: misfitReason(misfit) });
  if (notedHead !== undefined && !/^[0-9a-f]{64}$/.test(notedHead)) return fail({ kind: 'refused', field: 'head', reason: 'record-head' });
  const record = file as ExportedRecord; // cast: its shape has been checked to the last key
  const broken = firstBreak(record);
  if (broken) return ok({ intact: false, firstBroken: broken });
  const found = notedHead === undefined ? undefined : record.entries.findIndex((e) => e.hash === notedHead);
  const joint = tagOf(record.entries);
  if (found === -1) return ok({ intact: false, firstBroken: { chain: 'joint', joint, head: notedHead ?? '', why: 'head-missing' } });
  const entriesAfter = found === undefined ? 0 : record.entries.length - 1 - found;
  return ok({
    intact: true,
    entries: record.entries.length,
    head: record.entries.at(-1)?.hash ?? '',
    ...judgedOf(record.entries),
    ...(notedHead === undefined ? {} : { noted: { head: notedHead, isLast: entriesAfter === 0, entriesAfter } }),
  });
}

const misfitReason = ({ field, unknown }: { field: string; unknown: boolean }) =>
  unknown ? 'record-unknown-key' : ['', 'format', 'version'].includes(field) ? 'record-format' : 'record-shape';

/** The tag that a joint's first entry says; empty where it says none. */
export function tagOf(links: readonly JointLink[]): string {
  const [first] = links;
  if (!first) return '';
  return isLedgerLink(first) ? String(first.content.said.told['tag'] ?? '') : first.content.joint.tag;
}

function firstBreak(file: ExportedRecord): Break | null {
  const joint = tagOf(file.entries);
  const bytesOf = (sha256: string) => (Object.hasOwn(file.photos, sha256) ? bytesFromBase64(file.photos[sha256] ?? '') : undefined);
  const found = firstBreakOf('joint', file.entries, bytesOf);
  if (found) return { chain: 'joint', joint, ...found };
  const named = new Set(file.entries.flatMap((e) => e.content.photos.map((p) => p.sha256)));
  const unnamed = Object.keys(file.photos).find((sha) => !named.has(sha));
  return unnamed === undefined ? null : { chain: 'joint', joint, photo: unnamed, why: 'photo-unnamed' };
}

/** Strict base64 (RFC 4648, padded): null where the text is not exactly what an encoder would have written. */
export function bytesFromBase64(text: string): Uint8Array | null {
  try {
    return base64.decode(text);
  } catch {
    return null;
  }
}
