import type { Result } from '@kesto/core';
import type { FileCheck, HeldAgainst } from '@kesto/contract/check';
import { openCheck } from '@/signing';

/** Checks a record's file on this device; what signatures ask for is fetched when the first file is checked. */
export async function checkOnDevice(bytes: Uint8Array, against: HeldAgainst = {}): Promise<Result<FileCheck>> {
  const { checkFile } = await openCheck();
  return checkFile(bytes, against);
}
