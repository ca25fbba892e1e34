import { MADE_FROM_HEADER } from '@kesto/contract';
import type { Request } from 'express';
import { AppError } from '../errors';

/** What a change was made from, as its device says it; null where it says nothing. */
export function madeFromOf(request: Request): string | null {
  const hash = request.get(MADE_FROM_HEADER);
  if (hash === undefined) return null;
  if (!/^[0-9a-f]{64}$/.test(hash)) throw new AppError('INVALID_INPUT', 'must be 64 hex digits', MADE_FROM_HEADER);
  return hash;
}
