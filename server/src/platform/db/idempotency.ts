import { canonicalHash } from '@kesto/core';
import { AppError } from '../errors';

/** Fingerprint of a write, so that its repetition is told from another write under the same id. */
export const requestHash = (request: unknown) => canonicalHash(request);

/** A write that was here before: the same again changes nothing, other content under the same id is refused. */
export function sameOrConflict(stored: string, asked: string, what: string): void {
  if (stored !== asked) throw new AppError('CONFLICT', `This ${what} is already stored with other content under the same id.`, 'id');
}
