import { readRecordText, type ExportedRecord } from '@kesto/core';
import { chainOfRecord, jobChainsIn, type SealedChain } from '@kesto/core/tree';
import { isZip, partsOf, textOf } from './fileParts';

/** The chains in a file that was found intact (`checkFile`). */
export function chainsInFile(bytes: Uint8Array): readonly SealedChain[] {
  if (isZip(bytes)) return jobChainsIn(partsOf(bytes) ?? new Map()).chains;
  const file = readRecordText(textOf(bytes));
  return file.ok ? [chainOfRecord(file.value as ExportedRecord)] : []; // cast: the file was found intact
}
