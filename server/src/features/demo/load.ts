import { requestHash } from '../../platform/db/idempotency';
import { codeHash, newCode } from '../people';
import { hashPassword } from '../session';
import type { ShopWork, Store } from '../shopWork';
import { demoId, DEMO_SHOP } from './ids';
import { storeDemoNotes } from './jobNotes';
import { storeDemoEntries, storeDemoPlans } from './made';
import { DEMO_INVITE, DEMO_PASSWORD, DEMO_PEOPLE } from './people';
import { storeDemoStages } from './stages';
import { drawingOf, JOBS, SITE, UNITS, VAN } from './station';

const inDays = (days: number) => new Date(Date.now() + days * 86_400_000);
const dayIn = (days: number) => inDays(days).toISOString().slice(0, 10);

export const holdsDemo = (store: Store): Promise<boolean> => store.inShop(DEMO_SHOP, ({ shop }) => shop.exists());

/** Loads the made-up station into an empty database; all of it or nothing. */
export async function loadDemo(store: Store): Promise<void> {
  const passwordHash = await hashPassword(DEMO_PASSWORD);
  await store.inShop(DEMO_SHOP, async (shop) => {
    await addPeople(shop, passwordHash);
    await addStation(shop);
    await addJobs(shop);
    await storeDemoPlans(shop);
    await storeDemoEntries(shop);
    await storeDemoNotes(shop);
    await storeDemoStages(shop);
  });
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

async function addJobs({ jobs, joints: kept }: ShopWork): Promise<void> {
  for (const { joints, circuitId, ...job } of JOBS) {
    await jobs.add({ ...job, circuitId, began: 'find', requestHash: requestHash({ circuitId, title: job.title }) });
    for (const joint of joints) {
      await kept.add(job.id, { ...joint, circuitId, requestHash: requestHash({ job: job.id, title: joint.title }) });
    }
  }
}
