import type { DataSource } from 'typeorm';
import { requestHash } from '../../platform/db/idempotency';
import { Circuits, Drawings, Invites, JobJoints, Jobs, Joints, People, Shops, Sites, Units } from '../../platform/db/rows';
import { withShop, type ShopWork } from '../../platform/db/shop';
import { codeHash, newCode } from '../people';
import { hashPassword } from '../session';
import { demoId, DEMO_SHOP } from './ids';
import { storeDemoEntries, storeDemoPlans } from './made';
import { storeDemoNotes } from './jobNotes';
import { storeDemoStages } from './stages';
import { DEMO_INVITE, DEMO_PASSWORD, DEMO_PEOPLE } from './people';
import { drawingOf, JOBS, SITE, UNITS, VAN } from './station';

const inDays = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

export const holdsDemo = (db: DataSource): Promise<boolean> =>
  withShop(db, DEMO_SHOP, async ({ manager }) => (await manager.countBy(Shops, { shop_id: DEMO_SHOP })) > 0);

/** Loads the made-up station into an empty database; all of it or nothing. */
export async function loadDemo(db: DataSource): Promise<void> {
  const password_hash = await hashPassword(DEMO_PASSWORD);
  await withShop(db, DEMO_SHOP, async (shop) => {
    await addStation(shop, password_hash);
    await addJobs(shop);
    await storeDemoPlans(shop);
    await storeDemoEntries(shop);
    await storeDemoNotes(shop);
    await storeDemoStages(shop);
  });
}

async function addStation({ manager }: ShopWork, password_hash: string): Promise<void> {
  const shop_id = DEMO_SHOP;
  await manager.insert(Shops, { shop_id, name: 'Lumikero workshop', van: VAN as never }); // cast: TypeORM's deep partial type does not take readonly arrays
  for (const { approvals, confirmedDays, ...person } of DEMO_PEOPLE) {
    const rows = approvals.map(({ days, ...approval }) => ({ ...approval, validUntil: inDays(days) }));
    await manager.insert(People, {
      shop_id,
      password_hash,
      ...person,
      approvals: rows,
      confirmed_at: inDays(-confirmedDays),
      left_at: null,
    });
  }
  await manager.insert(Invites, { shop_id, ...DEMO_INVITE, code_hash: codeHash(newCode()), expires_at: inDays(6) });
  await manager.insert(Sites, { shop_id, ...SITE });
  for (const [place, unit] of UNITS.entries()) {
    await manager.insert(Units, {
      shop_id,
      id: unit.unitId,
      site_id: SITE.id,
      tag: unit.tag,
      name: unit.name,
      kind: unit.kind,
      place,
      details: unit.plate,
    });
    await manager.insert(Circuits, { shop_id, id: unit.circuitId, unit_id: unit.unitId, details: unit.circuit as never }); // cast: as above
    const graph = drawingOf(unit);
    const drawing = { id: demoId(0x500 + place), circuit_id: unit.circuitId, person_id: demoId(0x11), made_at: inDays(-200), place: 1 };
    await manager.insert(Drawings, { shop_id, ...drawing, graph: graph as never, request_hash: requestHash(graph) }); // cast: as above
  }
}

async function addJobs({ manager }: ShopWork): Promise<void> {
  const shop_id = DEMO_SHOP;
  for (const { joints, circuitId, ...job } of JOBS) {
    await manager.insert(Jobs, {
      shop_id,
      ...job,
      began: 'find',
      circuit_id: circuitId,
      request_hash: requestHash({ circuitId, title: job.title }),
    });
    for (const [i, joint] of joints.entries()) {
      await manager.insert(Joints, {
        shop_id,
        circuit_id: circuitId,
        ...joint,
        request_hash: requestHash({ job: job.id, title: joint.title }),
      });
      await manager.insert(JobJoints, { shop_id, job_id: job.id, joint_id: joint.id, place: i + 1 });
    }
  }
}
