import { canonicalHash, type EntryKind, type Salt } from '@kesto/core';
import { requestHash } from '../../platform/db/idempotency';
import { tellJoint } from '../jobs';
import { codeHash, newCode } from '../people';
import { hashPassword } from '../session';
import type { ShopWork, Store } from '../shopWork';
import { demoId, DEMO_SHOP } from './ids';
import { storeDemoNotes } from './jobNotes';
import { storeDemoEntries, storeDemoPlans } from './made';
import { DEMO_INVITE, DEMO_PASSWORD, DEMO_PEOPLE } from './people';
import { storeDemoProof } from './proof';
import { storeDemoStages } from './stages';
import { drawingOf, JOBS, SITE, UNITS, VAN } from './station';

/** Every job of the demo was opened by then. */
const OPENED_DAYS = 120;

const inDays = (days: number) => new Date(Date.now() + days * 86_400_000);
const isJudged = (kind: EntryKind) => kind === 'accepted' || kind === 'sent-back';
const dayIn = (days: number) => inDays(days).toISOString().slice(0, 10);

export const holdsDemo = (store: Store): Promise<boolean> => store.inShop(DEMO_SHOP, ({ shop }) => shop.exists());

/** Loads the made-up station into an empty database; all of it or nothing. */
export async function loadDemo(store: Store): Promise<void> {
  const passwordHash = await hashPassword(DEMO_PASSWORD);
  await store.inShop(DEMO_SHOP, async (work) => {
    const shop = { ...work, salt: demoSalts() };
    await addPeople(shop, passwordHash);
    await addStation(shop);
    await addJobs(shop);
    await storeDemoPlans(shop);
    // Held and pulled before it was judged.
    await storeDemoEntries(shop, (kind) => !isJudged(kind));
    await storeDemoProof(shop);
    await storeDemoEntries(shop, isJudged);
    await storeDemoStages(shop);
    await storeDemoNotes(shop);
  });
}

/** The same salts at every load, so that what the demo gives away is the same to the letter. They protect nothing: the words are in this folder. */
function demoSalts(): Salt {
  let made = 0;
  return () => canonicalHash(`demo ${(made += 1)}`).slice(0, 32);
}

async function addPeople({ shop, people, invites }: ShopWork, passwordHash: string): Promise<void> {
  await shop.add({ name: 'Lumikero workshop', van: VAN, schools: {} });
  for (const { approvals, confirmedDays, ...person } of DEMO_PEOPLE) {
    await people.add({
      ...{ ...person, passwordHash, leftAt: null, confirmedAt: inDays(-confirmedDays) },
      approvals: approvals.map(({ days, ...approval }) => ({ ...approval, validUntil: dayIn(days) })),
    });
  }
  await invites.add({ ...DEMO_INVITE, codeHash: codeHash(newCode()), madeBy: demoId(0x13), madeAt: inDays(-1), expiresAt: inDays(6) });
}

async function addStation({ sites, units, circuits, drawings }: ShopWork): Promise<void> {
  await sites.save(SITE);
  for (const [place, unit] of UNITS.entries()) {
    const { unitId: id, tag, name, kind, plate: details, circuitId } = unit;
    await units.save({ ...{ id, siteId: SITE.id, tag, name, kind, place, details } });
    const own = [{ circuitId, circuit: unit.circuit }, ...(unit.second ? [unit.second] : [])];
    for (const [i, { circuitId, circuit }] of own.entries()) {
      await circuits.save({ id: circuitId, unitId: id, details: circuit });
      const graph = drawingOf(unit);
      await drawings.add({
        ...{ id: demoId(0x500 + 0x10 * i + place), circuitId, personId: demoId(0x11), madeAt: inDays(-200), place: 1 },
        ...{ graph, requestHash: requestHash(graph) },
      });
    }
  }
}

async function addJobs(shop: ShopWork): Promise<void> {
  const [lead] = DEMO_PEOPLE.filter(({ role }) => role === 'lead');
  for (const { joints, circuitId, ...job } of JOBS) {
    await shop.jobs.add({ ...job, circuitId, began: 'find', requestHash: requestHash({ circuitId, title: job.title }) });
    for (const joint of joints) {
      await shop.joints.add(job.id, { ...joint, circuitId, calledAs: null, requestHash: requestHash({ job: job.id, title: joint.title }) });
      await tellJoint(shop, job.id, joint, { person: lead ?? 'kesto', now: inDays(-OPENED_DAYS), offsetS: null });
    }
  }
}
