import { wireError } from '@kesto/contract/wording';
import type { CalcError } from '@kesto/core';
import { AppError } from '../errors';

/** What core will not take, as the API says it: the first field, by name, and what is allowed. */
export function refusal(errors: readonly CalcError[]): AppError {
  const [first] = errors;
  if (!first) return new AppError('INVALID_INPUT', 'This was refused.');
  const { field, message } = wireError(first);
  return new AppError('INVALID_INPUT', message, field);
}
