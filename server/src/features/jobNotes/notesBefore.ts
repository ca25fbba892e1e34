import type { NextPersonNote } from '@kesto/contract';
import { factsIn, factsOf, type JobLink } from '@kesto/core';
import type { ShopWork } from '../shopWork';

/** So many are shown: more would hide the job itself. */
const MOST_SHOWN = 4;

/** What was left for whoever comes to this circuit next, newest first; of a sister's only what holds for it as well. */
export async function notesBefore(
  shop: ShopWork,
  of: { readonly jobId: string; readonly circuitId: string },
): Promise<readonly NextPersonNote[]> {
  const notes: NextPersonNote[] = [];
  for (const { jobId, number, unit } of await shop.finds.jobsWithNotes(of)) {
    const links = (await shop.ledger.of({ of: 'job', id: jobId })) as readonly JobLink[]; // cast: a job's chain holds its own links
    for (const { values, by, at } of factsOf(factsIn(links), 'next-person-note').toReversed()) {
      const { note, sisters, nextCheck } = values;
      if (unit === null || sisters) notes.push({ note, by, at, jobNumber: number, unit, ...(nextCheck ? { nextCheck } : {}) });
    }
  }
  return notes.slice(0, MOST_SHOWN);
}
