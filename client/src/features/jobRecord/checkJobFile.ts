import { calcErrorText } from '@kesto/contract/wording';
import type { SealedJobVerification } from '@kesto/core/tree';
import { checkOnDevice } from '@/features/chain';

/** What came of checking a job's file: what it holds or where it stops holding, or why it cannot be checked. */
export type JobCheck =
  { readonly status: 'checked'; readonly found: SealedJobVerification } | { readonly status: 'failed'; readonly message: string };

const failed = (message: string): JobCheck => ({ status: 'failed', message: `This file cannot be checked: ${message}` });

/** Checks a job's whole file on this device: its list, every chain, every photo, what is signed. */
export async function checkJobFile(bytes: Uint8Array): Promise<JobCheck> {
  const result = await checkOnDevice(bytes);
  if (!result.ok) {
    const [error] = result.errors;
    return failed(error ? `${error.field} ${calcErrorText(error)}` : 'it is no job’s file');
  }
  return result.value.of === 'job' ? { status: 'checked', found: result.value.found } : failed('it is a joint’s record');
}
