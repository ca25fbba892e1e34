import { fail, ok, type Result } from '../result';
import { bytesHash, canonicalHash, type EntryPhoto, type RecordEntry } from './chain';

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
  | 'photo-altered'
  | 'photo-missing'
  | 'photo-unnamed'
  | 'unknown-value'
  | 'correction-of-nothing';

export interface Break {
  readonly joint: string;
  /** Counted from 1, as on the screen. */
  readonly entry: number;
  readonly why: BreakReason;
}

export type Verification =
  { readonly intact: true; readonly entries: number; readonly endsIn: string } | { readonly intact: false; readonly firstBroken: Break };

/**
 * Checks a record with nothing but itself: each entry's hash, the link to the one before, the sequence, that all speak of one joint,
 * that corrections name an earlier entry, and that every photo's bytes have the hash its entry names.
 *
 * It shows that the file hangs together. Whoever can write a whole new file can make one that hangs together too:
 * compare `endsIn` with what the shop's server shows, or with a printed copy.
 */
export function verifyRecord(file: unknown): Result<Verification> {
  if (!isExport(file)) return fail({ kind: 'refused', field: formatField(file), reason: 'record-format' });
  const joint = tagOf(file.entries[0]);
  for (let index = 0; index < file.entries.length; index++) {
    const why = breakAt(file, index);
    if (why) return ok({ intact: false, firstBroken: { joint, entry: index + 1, why } });
  }
  const named = new Set(file.entries.flatMap((e) => e.content.photos.map((p) => p.sha256)));
  if (Object.keys(file.photos).some((sha) => !named.has(sha))) {
    return ok({ intact: false, firstBroken: { joint, entry: file.entries.length, why: 'photo-unnamed' } });
  }
  return ok({ intact: true, entries: file.entries.length, endsIn: file.entries.at(-1)?.hash ?? '' });
}

const tagOf = (entry: RecordEntry | undefined): string => {
  const tag = entry?.content?.joint?.tag;
  return typeof tag === 'string' ? tag : '';
};

function breakAt(file: ExportedRecord, index: number): BreakReason | null {
  const entry = file.entries[index];
  const before = file.entries[index - 1];
  if (!entry || !isEntry(entry)) return 'entry-altered';
  if (Object.keys(entry).some((key) => key !== 'content' && key !== 'hash')) return 'unknown-value';
  if (canonicalHash(entry.content) !== entry.hash) return 'entry-altered';
  if (entry.content.previous !== (before?.hash ?? null)) return 'link-broken';
  if (entry.content.sequence !== index + 1) return 'out-of-sequence';
  if (before && entry.content.joint.id !== before.content.joint.id) return 'other-joint';
  const corrected = entry.content.corrects;
  if (corrected && !file.entries.slice(0, index).some((e) => e.content.id === corrected.entry)) return 'correction-of-nothing';
  return entry.content.photos.map((photo) => photoBreak(photo, file.photos[photo.sha256])).find((why) => why !== null) ?? null;
}

function photoBreak(photo: EntryPhoto, base64: string | undefined): BreakReason | null {
  if (base64 === undefined) return 'photo-missing';
  const bytes = bytesFromBase64(base64);
  return bytes && bytes.length === photo.bytes && bytesHash(bytes) === photo.sha256 ? null : 'photo-altered';
}

const BASE64 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';

/** Strict base64 (RFC 4648, padded): null where the text is not exactly what an encoder would have written. */
export function bytesFromBase64(text: string): Uint8Array | null {
  const padding = text.endsWith('==') ? 2 : text.endsWith('=') ? 1 : 0;
  if (text.length % 4 !== 0) return null;
  const bytes = new Uint8Array((text.length / 4) * 3 - padding);
  let bits = 0;
  let held = 0;
  let at = 0;
  for (let i = 0; i < text.length - padding; i++) {
    const value = BASE64.indexOf(text.charAt(i));
    if (value < 0) return null;
    held = (held << 6) | value;
    bits += 6;
    if (bits < 8) continue;
    bits -= 8;
    bytes[at++] = (held >> bits) & 0xff;
    held &= (1 << bits) - 1;
  }
  return held === 0 ? bytes : null;
}

function formatField(file: unknown): string {
  if (typeof file !== 'object' || file === null) return 'record';
  const { format, version, entries, photos, ...rest } = file as Record<string, unknown>; // cast: an object, each key is checked
  if (format !== RECORD_FORMAT) return 'format';
  if (version !== RECORD_VERSION) return 'version';
  if (!Array.isArray(entries) || entries.length === 0) return 'entries';
  if (typeof photos !== 'object' || photos === null) return 'photos';
  return Object.keys(rest)[0] ?? 'record';
}

function isExport(file: unknown): file is ExportedRecord {
  return formatField(file) === 'record' && typeof file === 'object' && file !== null;
}

function isEntry(entry: RecordEntry): boolean {
  const c: unknown = entry.content;
  return typeof c === 'object' && c !== null && 'joint' in c && typeof c.joint === 'object' && 'photos' in c && Array.isArray(c.photos);
}
