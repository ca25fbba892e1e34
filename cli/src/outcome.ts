import { wireError, type WireError } from '@kesto/contract/wording';
import type { Result } from '@kesto/core';

export interface Outcome {
  /** 1: answered, and what was asked about is broken. */
  readonly exit: 0 | 1 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

export const refusal = (error: WireError): Outcome => ({ exit: 2, stdout: '', stderr: `${JSON.stringify({ error })}\n` });

export function answer<T>(result: Result<T>, exitOf: (value: T) => Outcome['exit'] = () => 0): Outcome {
  if (result.ok) return { exit: exitOf(result.value), stdout: `${JSON.stringify(result.value)}\n`, stderr: '' };
  const [first] = result.errors;
  return refusal(first ? wireError(first) : { code: 'invalid', field: '', message: 'the request was refused' });
}
