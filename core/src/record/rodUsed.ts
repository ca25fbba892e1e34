import type { EntryKind } from './chain';
import type { JointEntry } from './jointEntry';
import { valuesNow } from './correct';

/** Rod is melted here. */
const AT_THE_TORCH: readonly EntryKind[] = ['brazed', 'reworked'];

/** Rod of one filler that was melted [m]. */
export interface RodUsed {
  readonly designation: string;
  readonly lengthM: number;
}

/**
 * What joints took of each filler since a moment, as their entries say it after all corrections.
 *
 * @param records  entries of each joint, in the order of its chain
 * @param since    device time, ISO 8601; null: ever
 * @returns        metres of rod by filler, in the order they were first used; entries that name no filler or no length are left out
 */
export function rodUsed(records: readonly (readonly JointEntry[])[], since: string | null): readonly RodUsed[] {
  const used = new Map<string, number>();
  for (const entries of records) {
    for (const entry of entries) {
      if (!AT_THE_TORCH.includes(entry.kind) || (since !== null && entry.deviceTime <= since)) continue;
      const { filler, rodMm } = valuesNow(entries, entry);
      if (typeof filler === 'string' && typeof rodMm === 'number') used.set(filler, (used.get(filler) ?? 0) + rodMm / 1000);
    }
  }
  return [...used].map(([designation, lengthM]) => ({ designation, lengthM }));
}
