import {
  factsIn,
  holdsOf,
  liesIn,
  MADE,
  pullsOf,
  readJobLink,
  stateAfter,
  type JobLink,
  type JointPlace,
  type LedgerLink,
  type Told,
} from '@kesto/core';
import { v5 as named } from 'uuid';
import type { ToldJob } from '../jobs';
import { append } from '../ledger';
import type { ShopWork } from '../shopWork';

/** What a job's joints are told: in whose chain, and because of which entry. */
interface Telling {
  readonly told: ToldJob;
  readonly links: readonly JobLink[];
  readonly now: Date;
}

/** Joints that are made, at such places, in the order of their ids: the order in which chains are locked. */
const madeAt = ({ joints }: ToldJob, isMeant: (at: JointPlace | null) => boolean): readonly string[] =>
  joints
    .filter(({ at, facts, filler }) => isMeant(at) && MADE.includes(stateAfter(facts, filler !== null)))
    .map(({ id }) => id)
    .sort();

type Kept = { readonly kind: 'held'; readonly values: Told<'held'> } | { readonly kind: 'pulled'; readonly values: Told<'pulled'> };

/** Each of these joints says it in its own chain: Kesto's own entry, because of the one that showed it. */
async function tellJoints(
  shop: ShopWork,
  { told, now, ids, because }: Pick<Telling, 'told' | 'now'> & { readonly ids: readonly string[]; readonly because: string },
  { kind, values }: Kept,
): Promise<void> {
  for (const id of ids) await shop.joints.lock(id);
  const chains = await shop.ledger.ofAll('joint', ids);
  for (const id of ids) {
    await append(shop, chains.get(id) ?? [], {
      ...{
        chain: { of: 'joint', id },
        id: named(`${kind} ${id}`, because),
        kind,
        told: values,
        person: 'kesto',
        deviceTime: null,
        offsetS: null,
        now,
      },
      ...{ because: { chain: { of: 'job', id: told.job.id }, entry: because }, requestHash: '' },
    });
  }
}

/** Every joint in the section says what the hold showed. */
export async function tellHeldJoints(shop: ShopWork, { told, links, now }: Telling, ended: LedgerLink): Promise<void> {
  const { id: because } = readJobLink(ended);
  const kept = holdsOf(factsIn([...links, ended])).find(({ ended: by }) => by?.id === because);
  if (!kept?.ended || kept.began.values.rig) return;
  const { parts, stepsKpag } = kept.began.values;
  const { verdict, minutes, leakPaM3S, smallestSeenPaM3S } = kept.ended.values;
  await tellJoints(
    shop,
    { told, now, because, ids: madeAt(told, (at) => liesIn(at, parts)) },
    {
      kind: 'held',
      values: { hold: kept.id, job: told.job.id, verdict, minutes, leakPaM3S, smallestSeenPaM3S, pressureKpag: stepsKpag.at(-1) ?? 0 },
    },
  );
}

/** Every joint that the pump reached says what the rise showed. */
export async function tellPulledJoints(shop: ShopWork, { told, links, now }: Telling, judged: LedgerLink): Promise<void> {
  const { id: because } = readJobLink(judged);
  const pull = pullsOf(factsIn([...links, judged])).find(({ rises }) => rises.some(({ id }) => id === because));
  const rise = pull?.rises.find(({ id }) => id === because);
  if (!pull || !rise) return;
  const { unreached } = pull.began.values;
  const { verdict, minutes, endPa } = rise.values;
  await tellJoints(
    shop,
    { told, now, because, ids: madeAt(told, (at) => at !== null && !liesIn(at, unreached)) },
    { kind: 'pulled', values: { pull: pull.id, job: told.job.id, verdict, minutes, endPa, breaks: pull.breaks.length } },
  );
}
