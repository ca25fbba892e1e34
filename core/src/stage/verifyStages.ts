import { kindsOf } from '../ledger/kinds';
import { canonicalHash } from '../record/chain';
import { photoBreakIn, type BreakReason, type PhotoBytes } from '../record/verify';
import { STAGE_ENTRY_FORMAT, type StageEntry } from './entry';

/** Where a job's chain stops holding; `entry` counts from 1. */
export interface StageBreak {
  readonly entry: number;
  readonly why: BreakReason;
  readonly photo?: string;
}

function breakAt(entries: readonly StageEntry[], index: number): BreakReason | null {
  const entry = entries[index];
  if (!entry) return null;
  const { content, hash } = entry;
  const before = entries[index - 1];
  if (canonicalHash(content) !== hash) return 'entry-altered';
  if (content.format !== STAGE_ENTRY_FORMAT || !kindsOf('job').includes(content.kind)) return 'unknown-kind';
  if (content.previous !== (before?.hash ?? null)) return 'link-broken';
  if (content.sequence !== index + 1) return 'out-of-sequence';
  return before && content.job.id !== before.content.job.id ? 'other-job' : null;
}

/**
 * Checks a job's own chain with nothing but itself: each entry's hash, the link to the one before, the sequence, that all speak of one
 * job, and, where bytes are at hand, that every photo has the hash its entry names.
 *
 * @param entries  in their order
 * @param bytesOf  a photo's bytes by its hash; left out: photos are not looked at
 * @returns        the first link that does not hold; null where all of them do
 */
export function firstStageBreak(entries: readonly StageEntry[], bytesOf?: PhotoBytes): StageBreak | null {
  for (const [index, { content }] of entries.entries()) {
    const why = breakAt(entries, index);
    if (why) return { entry: index + 1, why };
    const photo = bytesOf ? photoBreakIn(content.photos, bytesOf) : null;
    if (photo) return { entry: index + 1, ...photo };
  }
  return null;
}
