import { liesIn, MADE, readJobLink, factsIn, holdsOf, stateAfter, type JobLink, type LedgerLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import type { ToldJob } from '../jobs';
import { append } from '../ledger';
import type { ShopWork } from '../shopWork';

/** Joints that are made and lie in the section that was held, in the order of their ids: the order in which chains are locked. */
function heldBy({ joints }: ToldJob, parts: readonly string[]): readonly string[] {
  return joints
    .filter(({ at, facts, filler }) => liesIn(at, parts) && MADE.includes(stateAfter(facts, filler !== null)))
    .map(({ id }) => id)
    .sort();
}

/** Every joint in the section says in its own chain what the hold showed: Kesto's own entry, because of the one that ended it. */
export async function tellHeldJoints(
  shop: ShopWork,
  { told, links, now }: { readonly told: ToldJob; readonly links: readonly JobLink[]; readonly now: Date },
  ended: LedgerLink,
): Promise<void> {
  const entry = readJobLink(ended);
  const kept = holdsOf(factsIn([...links, ended])).find(({ ended: by }) => by?.id === entry.id);
  if (!kept?.ended || kept.began.values.rig) return;
  const ids = heldBy(told, kept.began.values.parts);
  for (const id of ids) await shop.joints.lock(id);
  const chains = await shop.ledger.ofAll('joint', ids);
  const { verdict, minutes, leakPaM3S, smallestSeenPaM3S } = kept.ended.values;
  const values = {
    hold: kept.id,
    job: told.job.id,
    verdict,
    minutes,
    leakPaM3S,
    smallestSeenPaM3S,
    pressureKpag: kept.began.values.stepsKpag.at(-1) ?? 0,
  };
  for (const id of ids) {
    await append(shop, chains.get(id) ?? [], {
      ...{ chain: { of: 'joint', id }, id: uuid(), kind: 'held', told: values, person: 'kesto', deviceTime: null, offsetS: null, now },
      ...{ because: { chain: { of: 'job', id: told.job.id }, entry: entry.id }, requestHash: '' },
    });
  }
}
