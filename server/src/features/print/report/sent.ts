import type { HoldLive } from '@kesto/contract';
import { factsIn, lastHold, pullsOf, type JobLink, type VacuumSample } from '@kesto/core';
import { holdLive, pullLive, type Analyst } from '../../instruments';
import type { ShopWork } from '../../shopWork';

/** What instruments sent of the hold and the pulls that a report shows, thinned for a drawing. */
export interface Sent {
  /** Of the last hold; null where it was read by hand. */
  readonly hold: HoldLive | null;
  /** By the pull's id. */
  readonly pulls: ReadonlyMap<string, readonly VacuumSample[]>;
}

export async function sentOf(
  shop: ShopWork,
  analyst: Analyst,
  { jobId, entries, now }: { jobId: string; entries: readonly JobLink[]; now: Date },
): Promise<Sent> {
  const facts = factsIn(entries);
  const last = lastHold(facts);
  const hold = last && !last.ended?.values.byHand ? await holdLive(shop, analyst, { jobId, id: last.id, by: last.ended?.values.by ?? null }, now) : null; // prettier-ignore
  const pulls = new Map<string, readonly VacuumSample[]>();
  for (const { id, rises } of pullsOf(facts)) {
    const by = rises.at(-1)?.values.by ?? null;
    pulls.set(id, (await pullLive(shop, analyst, { jobId, id, by }, now)).points);
  }
  return { hold: hold && hold.points.length > 0 ? hold : null, pulls };
}
