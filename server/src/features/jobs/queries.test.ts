import { v7 as uuid } from 'uuid';
import { DEMO_SHOP, demoId } from '../demo';
import { Jobs, JobJoints, JointPlans, Joints } from '../../platform/db/rows';
import { withShop } from '../../platform/db/shop';
import { knownLinks } from '../ledger/knownLinks';
import type { ShopWork } from '../shopWork';
import { typeormShopWork } from '../shopWork.typeorm';
import { FINISHED_JOINT } from '../../testing/examples';
import { processorMs } from '../../testing/processor';
import { testServer, type TestServer } from '../../testing/server';
import { today } from './jobs.service';
import { jointView } from '../joints';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const JOINTS_EACH = 3;

/** Finished jobs of earlier years, a few joints each. */
const finish = (count: number, from: number) =>
  withShop(server.db, DEMO_SHOP, async ({ manager }) => {
    const jobs = Array.from({ length: count }, (_v, i) => ({
      shopId: DEMO_SHOP,
      id: uuid(),
      circuitId: demoId(0x31),
      number: from + i,
      title: `old job ${from + i}`,
      stage: 'hand-over' as const,
      began: 'find' as const,
      done: true,
      requestHash: 'x',
    }));
    const joints = jobs.flatMap((job) =>
      Array.from({ length: JOINTS_EACH }, (_v, i) => ({ job, id: uuid(), tag: `CR2-${job.number}-${i}`, place: i + 1 })),
    );
    await manager.insert(Jobs, jobs);
    await manager.insert(
      Joints,
      joints.map(({ id, tag }) => ({ shopId: DEMO_SHOP, id, circuitId: demoId(0x31), tag, title: tag, requestHash: 'x' })),
    );
    await manager.insert(
      JobJoints,
      joints.map(({ job, id, place }) => ({ shopId: DEMO_SHOP, jobId: job.id, jointId: id, place })),
    );
  });

/** How many questions the database is asked by one piece of work, and how many rows come back. */
function asked(work: (shop: ShopWork) => Promise<unknown>): Promise<number> {
  return withShop(server.db, DEMO_SHOP, async (shop) => {
    const runner = shop.manager.queryRunner;
    if (!runner) throw new Error('a transaction has a query runner');
    const query = jest.spyOn(runner, 'query');
    await work(typeormShopWork(shop, knownLinks()));
    return query.mock.calls.length;
  });
}

test('today and one joint ask the same number of questions after 10 finished jobs as after 500', async () => {
  const todayOf = (shop: ShopWork) => today(shop, new Date());
  const jointOf = (shop: ShopWork) => jointView(shop, FINISHED_JOINT);
  await finish(10, 1000);
  const few = [await asked(todayOf), await asked(jointOf)];
  await finish(490, 2000);
  expect([await asked(todayOf), await asked(jointOf)]).toEqual(few);
  // Today: the jobs, the units, what was sent back and its words, the people, the shop. A joint: its job, that job, its chain and its words, its notes and who made them, plan and planner, record.
  expect(few).toEqual([6, 9]);
});

test('a printed job of 27 joints takes under two seconds', async () => {
  const maren = await server.as('maren');
  const job = uuid();
  await maren
    .put(`/api/jobs/${job}`)
    .send({ circuitId: demoId(0x31), title: 'Twenty-seven joints' })
    .expect(200);
  const [plan] = await withShop(server.db, DEMO_SHOP, ({ manager }) => manager.find(JointPlans, { take: 1 }));
  if (!plan) throw new Error('the demo has plans');
  for (let i = 0; i < 27; i++) {
    const joint = uuid();
    await maren
      .put(`/api/jobs/${job}/joints/${joint}`)
      .send({ title: `joint ${i}` })
      .expect(200);
    await withShop(server.db, DEMO_SHOP, ({ manager }) =>
      manager.insert(JointPlans, { ...plan, id: uuid(), jointId: joint, place: 1 } as never),
    ); // cast: TypeORM's deep partial
  }
  await maren.get(`/api/jobs/${job}/plans.pdf`).expect(200);
  expect(await processorMs(() => maren.get(`/api/jobs/${job}/plans.pdf`).expect(200))).toBeLessThan(2_000);
});
