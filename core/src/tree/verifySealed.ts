import { ok, type Result } from '../result';
import { verifyRecord, type Break, type ExportedRecord, type Verification } from '../record/verify';
import { jobChainsIn, verifyJob, type JobBreak, type JobVerification } from '../record/verifyJob';
import { chainOfRecord, checkSigned, type Signed, type SignedBreak } from './checkFile';
import type { Older, SealedChain } from './checkSeal';
import type { Parts } from '../record/parts';

/** What somebody kept from before, told apart by the chains it is held against. */
export type OlderFor = (chains: readonly SealedChain[]) => Older | null;

type Widened<Broken> = Omit<Broken, 'why'> & { readonly why: SignedBreak['why'] };
type With<V, Broken> =
  | (Extract<V, { readonly intact: true }> & { readonly signed: Signed | null; readonly older: Signed['older'] })
  | Extract<V, { readonly intact: false }>
  | { readonly intact: false; readonly firstBroken: Widened<Broken> };
export type SealedVerification = With<Verification, Break>;
export type SealedJobVerification = With<JobVerification, JobBreak>;

/**
 * Checks a joint's record in every way there is: that it hangs together (`verifyRecord`), then what is signed in it (`checkSigned`).
 *
 * @param file   anything; refused as `verifyRecord` refuses
 * @param given  a hash noted earlier, and what somebody kept from before
 */
export function verifySealedRecord(
  file: unknown,
  given: { readonly head?: string; readonly older?: OlderFor } = {},
): Result<SealedVerification> {
  const plain = verifyRecord(file, given.head);
  if (!plain.ok || !plain.value.intact) return plain as Result<SealedVerification>; // cast: what does not hang together is answered as it is
  const record = file as ExportedRecord; // cast: verifyRecord refused anything else
  const chain = chainOfRecord(record);
  const check = checkSigned(record.seal, [chain], given.older?.([chain]) ?? null);
  if (!check.holds) return ok({ intact: false, firstBroken: { chain: 'joint', joint: chain.name, ...withoutIn(check.broken) } });
  const reached = check.signed ? [...plain.value.reached, 'signed' as const] : plain.value.reached;
  return ok({ ...plain.value, reached, signed: check.signed, older: check.older });
}

const withoutIn = ({ in: _in, ...broken }: SignedBreak): Omit<SignedBreak, 'in'> => broken;

/**
 * Checks a job's whole file in every way there is: that it hangs together (`verifyJob`), then what is signed in it.
 *
 * @param parts  the file's parts by their path
 */
export function verifySealedJob(parts: Parts, olderFor?: OlderFor): Result<SealedJobVerification> {
  const plain = verifyJob(parts);
  if (!plain.ok || !plain.value.intact) return plain as Result<SealedJobVerification>; // cast: as above
  const { chains, seal } = jobChainsIn(parts);
  const check = checkSigned(seal, chains, olderFor?.(chains) ?? null);
  if (!check.holds) return ok({ intact: false, firstBroken: { ...withoutIn(check.broken), in: check.broken.in ?? 'seal.json' } });
  return ok({ ...plain.value, signed: check.signed, older: check.older });
}
