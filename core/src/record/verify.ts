import { base64 } from '@scure/base';
import { fail, ok, type Result } from '../result';
import { bytesHash, canonicalHash, ENTRY_FORMAT, ENTRY_KINDS, FORMER_KINDS, type EntryPhoto, type RecordEntry } from './chain';
import { recordMisfit } from './recordShape';

export const RECORD_FORMAT = 'kesto-joint-record';
export const RECORD_VERSION = 1;

/** One joint's record as a file. Everything but the two format fields is under the chain; those two are checked by value. */
export interface ExportedRecord {
  readonly format: typeof RECORD_FORMAT;
  readonly version: typeof RECORD_VERSION;
  readonly entries: readonly RecordEntry[];
  /** Photo bytes in base64 by the SHA-256 that stands in the entry. */
  readonly photos: Readonly<Record<string, string>>;
}

export type BreakReason =
  | 'entry-altered'
  | 'link-broken'
  | 'out-of-sequence'
  | 'other-joint'
  | 'other-job'
  | 'photo-altered'
  | 'photo-missing'
  | 'photo-unnamed'
  | 'correction-of-nothing'
  | 'unknown-kind'
  | 'head-missing';

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

export type Verification =
  | { readonly intact: true; readonly entries: number; readonly head: string; readonly noted?: HeadFound }
  | { readonly intact: false; readonly firstBroken: Break };

/** What an entry of a format may call itself. */
const KINDS_OF_FORMAT: Readonly<Record<number, readonly string[]>> = { 1: FORMER_KINDS, [ENTRY_FORMAT]: ENTRY_KINDS };

const checkShape = recordMisfit(RECORD_FORMAT, RECORD_VERSION);

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
  const joint = record.entries[0]?.content.joint.tag ?? '';
  if (found === -1) return ok({ intact: false, firstBroken: { chain: 'joint', joint, head: notedHead ?? '', why: 'head-missing' } });
  const entriesAfter = found === undefined ? 0 : record.entries.length - 1 - found;
  return ok({
    intact: true,
    entries: record.entries.length,
    head: record.entries.at(-1)?.hash ?? '',
    ...(notedHead === undefined ? {} : { noted: { head: notedHead, isLast: entriesAfter === 0, entriesAfter } }),
  });
}

const misfitReason = ({ field, unknown }: { field: string; unknown: boolean }) =>
  unknown ? 'record-unknown-key' : ['', 'format', 'version'].includes(field) ? 'record-format' : 'record-shape';

function firstBreak(file: ExportedRecord): Break | null {
  const joint = file.entries[0]?.content.joint.tag ?? '';
  const bytesOf = (sha256: string) => (Object.hasOwn(file.photos, sha256) ? bytesFromBase64(file.photos[sha256] ?? '') : undefined);
  const found = firstBreakOf(file.entries, bytesOf);
  if (found) return { chain: 'joint', joint, ...found };
  const named = new Set(file.entries.flatMap((e) => e.content.photos.map((p) => p.sha256)));
  const unnamed = Object.keys(file.photos).find((sha) => !named.has(sha));
  return unnamed === undefined ? null : { chain: 'joint', joint, photo: unnamed, why: 'photo-unnamed' };
}

/** A photo's bytes by its hash; undefined where there is none, null where what is there cannot be read. */
export type PhotoBytes = (sha256: string) => Uint8Array | null | undefined;

/** The first link of a joint's chain that does not hold, counted from 1; null where all of them do. */
export function firstBreakOf(entries: readonly RecordEntry[], bytesOf: PhotoBytes): Omit<Break, 'chain' | 'joint'> | null {
  for (const [index, entry] of entries.entries()) {
    const found = breakAt(entries, index, entry) ?? photoBreakIn(entry.content.photos, bytesOf);
    if (found) return { entry: index + 1, ...found };
  }
  return null;
}

function breakAt(entries: readonly RecordEntry[], index: number, { content, hash }: RecordEntry): { why: BreakReason } | null {
  const before = entries[index - 1];
  if (canonicalHash(content) !== hash) return { why: 'entry-altered' };
  if (!KINDS_OF_FORMAT[content.format]?.includes(content.kind)) return { why: 'unknown-kind' };
  if (content.previous !== (before?.hash ?? null)) return { why: 'link-broken' };
  if (content.sequence !== index + 1) return { why: 'out-of-sequence' };
  if (before && content.joint.id !== before.content.joint.id) return { why: 'other-joint' };
  const { corrects } = content;
  if (corrects && !entries.slice(0, index).some((e) => e.content.id === corrects.entry)) return { why: 'correction-of-nothing' };
  return null;
}

/** The first photo that is not there, or not the one its entry names. */
export function photoBreakIn(photos: readonly EntryPhoto[], bytesOf: PhotoBytes): { why: BreakReason; photo: string } | null {
  for (const photo of photos) {
    const bytes = bytesOf(photo.sha256);
    if (bytes === undefined) return { why: 'photo-missing', photo: photo.sha256 };
    const fits = bytes !== null && bytes.length === photo.bytes && bytesHash(bytes) === photo.sha256;
    if (!fits) return { why: 'photo-altered', photo: photo.sha256 };
  }
  return null;
}

/** Strict base64 (RFC 4648, padded): null where the text is not exactly what an encoder would have written. */
export function bytesFromBase64(text: string): Uint8Array | null {
  try {
    return base64.decode(text);
  } catch {
    return null;
  }
}
