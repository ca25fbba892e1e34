import { verifyJob, type JobVerification } from '@kesto/core';
import { calcErrorText } from '@kesto/contract/wording';
import { unzipSync } from 'fflate';

/** What came of checking a job's file: what it holds or where it stops holding, or why it cannot be checked. */
export type JobCheck =
  { readonly status: 'checked'; readonly found: JobVerification } | { readonly status: 'failed'; readonly message: string };

const failed = (message: string): JobCheck => ({ status: 'failed', message: `This file cannot be checked: ${message}` });

/** Checks a job's whole file on this device: its list, every chain, every photo. */
export function checkJobFile(bytes: Uint8Array): JobCheck {
  let parts: Readonly<Record<string, Uint8Array>>;
  try {
    parts = unzipSync(bytes);
  } catch {
    return failed('it is damaged or was cut short');
  }
  const result = verifyJob(new Map(Object.entries(parts)));
  if (result.ok) return { status: 'checked', found: result.value };
  const [error] = result.errors;
  return failed(error ? `${'field' in error ? error.field : ''} ${calcErrorText(error)}` : 'it is no job’s file');
}
