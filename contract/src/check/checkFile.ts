import { readRecordText, type ExportedRecord, type Result } from '@kesto/core';
import {
  readOlderJob,
  readOlderText,
  verifySealedJob,
  verifySealedRecord,
  type OlderFor,
  type SealedJobVerification,
  type SealedVerification,
} from '@kesto/core/tree';
import { isZip, partsOf, textOf } from './fileParts';

export { chainsInFile } from './chainsInFile';
export { isContinued, isSignedHead } from '@kesto/core/tree';

/** What somebody holds a file against. */
export interface HeldAgainst {
  /** A hash noted earlier, as it was typed. */
  readonly head?: string;
  /** A file kept from before, or what a label's code says. */
  readonly older?: Uint8Array;
}

/** What came of checking a file, by what it is of. */
export type FileCheck =
  | { readonly of: 'joint'; readonly record: ExportedRecord; readonly found: SealedVerification }
  | { readonly of: 'job'; readonly found: SealedJobVerification };

const refused = (field: string, reason: 'not-a-file' | 'older-unknown'): Result<never> => ({
  ok: false,
  errors: [{ kind: 'refused', field, reason }],
});

/** Reads what was kept from before; refused where it is no such thing. */
function olderIn(bytes: Uint8Array): Result<OlderFor> {
  const parts = isZip(bytes) ? partsOf(bytes) : null;
  const read: OlderFor = (chains) => (parts ? readOlderJob(parts) : readOlderText(textOf(bytes), chains));
  return read([]) ? { ok: true, value: read } : refused('older', 'older-unknown');
}

/**
 * Checks a joint's record or a job's file in every way there is, with nothing but itself and what somebody held it against.
 *
 * @returns what it holds or where it stops holding; refused: it is no such file, or what it was held against is nothing of the kind
 */
export function checkFile(bytes: Uint8Array, { head, older }: HeldAgainst = {}): Result<FileCheck> {
  const kept = older ? olderIn(older) : null;
  if (kept && !kept.ok) return kept;
  if (isZip(bytes)) {
    const parts = partsOf(bytes);
    const result = parts ? verifySealedJob(parts, kept?.value) : refused('record', 'not-a-file');
    return result.ok ? { ok: true, value: { of: 'job', found: result.value } } : result;
  }
  const file = readRecordText(textOf(bytes));
  if (!file.ok) return file;
  const result = verifySealedRecord(file.value, { ...(head === undefined ? {} : { head }), ...(kept ? { older: kept.value } : {}) });
  if (!result.ok) return result;
  return { ok: true, value: { of: 'joint', record: file.value as ExportedRecord, found: result.value } }; // cast: its shape has been checked
}
