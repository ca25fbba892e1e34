// What a shop of 20 000 joints is asked every day reads a page's worth of rows, and never the shop: the database counts what it reads.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { DataSource } from 'typeorm';
import { prepareDatabase } from '../platform/db/prepare';
import { withShop } from '../platform/db/shop';
import { asOwner, freshDatabase, type TestDatabase } from '../testing/database';
import { foundPage, workOff } from './found/found.service';
import { today } from './jobs/jobs.service';
import { knownLinks } from './ledger/knownLinks';
import type { ShopWork } from './shopWork';
import { typeormShopWork } from './shopWork.typeorm';
import { unitHistory } from './units/unitHistory.service';
import { sitePage, sitesNamed } from './units/sites.service';
import { unitPage } from './units/units.service';
import { unitsOnSites } from './units/unitsOfSites.service';

const SHOP = '018f0000-0000-4000-8000-0000000000b1';
const JOINTS = 20_000;
/** Rows of every table and index, for what a page shows with what belongs to it. */
const PAGE = 8000;
/** Of thirty open jobs and the twenty that were done last, each with ten joints and what is known of those. */
const FIFTY_JOBS = 12_000;

let database: TestDatabase;
let db: DataSource;
beforeAll(async () => {
  database = await freshDatabase();
  ({ db } = await prepareDatabase(database.ownerUrl, database.dataDir));
  const seed = readFileSync(path.join(__dirname, '../../../scripts/lib/bigShop.sql'), 'utf8');
  const sql = seed.replaceAll(':shop', SHOP).replaceAll(':joints', String(JOINTS));
  await asOwner(database.ownerUrl, async (query) => {
    await query(`begin; select set_config('app.shop', '${SHOP}', true); ${sql}; commit`);
    await query('analyze');
  });
});
afterAll(async () => {
  await db.destroy();
  await database.drop();
});

/** Rows that the database fetched for a piece of work, by its own count. */
async function rowsReadBy(work: (shop: ShopWork) => Promise<unknown>): Promise<{ read: number; answer: unknown }> {
  let read = 0;
  let answer: unknown;
  const count = async () => {
    await withShop(db, SHOP, ({ manager }) => manager.query('select pg_stat_force_next_flush()'));
    const [row] = (await db.query(
      'select sum(seq_tup_read)::int + sum(coalesce(idx_tup_fetch, 0))::int + (select sum(idx_tup_read)::int from pg_stat_user_indexes) as rows from pg_stat_user_tables',
    )) as { rows: number }[];
    return row?.rows ?? 0;
  };
  const before = await count();
  await withShop(db, SHOP, async (transaction) => {
    answer = await work(typeormShopWork(transaction, knownLinks()));
    await transaction.manager.query('select pg_stat_force_next_flush()');
  });
  read = (await count()) - before;
  return { read, answer };
}

const openJob = async () => {
  const jobs = await withShop(db, SHOP, (transaction) => typeormShopWork(transaction, knownLinks()).jobs.toldToday(0));
  return jobs[0]?.job.id ?? '';
};

test.each<[string, (shop: ShopWork) => Promise<unknown>, unknown]>([
  ['search by a tag', ({ search }) => search.find('BG12-04'), { joints: [{ tag: 'BG12-04' }] }],
  ['search by the beginning of a tag', async ({ search }) => (await search.find('bg99')).units[0], { tag: 'BG99' }],
  ['search by two words, one of them everywhere', ({ search }) => search.find('line bg12-04'), { joints: [{ tag: 'BG12-04' }] }],
  ['search by two words that are both everywhere', async ({ search }) => (await search.find('line valve')).joints, { length: 8 }],
  ['a page of machines', (shop) => unitPage(shop, 'first'), { next: expect.stringMatching(/^49\./) }],
  ['a page of sites', (shop) => sitePage(shop, 'first'), { sites: { length: 50 }, next: expect.any(String) }],
  [
    'the machines of fifty sites',
    async (shop) => unitsOnSites(shop, (await sitePage(shop, 'first')).sites.map(({ id }) => id).join(',')),
    { length: 50 },
  ],
  ['a site by two words, one of them everywhere', (shop) => sitesNamed(shop, 'glassh 37'), [{ name: 'Glasshouse 37' }]],
  ['the next tag', async ({ joints }) => ({ tag: await joints.nextTag('BG7') }), { tag: 'BG7-21' }],
  [
    'a machine’s history',
    async (shop) => unitHistory(shop, (await shop.units.byTag('BG7'))?.id ?? ''),
    { joints: expect.arrayContaining([expect.objectContaining({ tag: 'BG7-01' })]) },
  ],
  ['the newest joints', async (shop) => foundPage(shop, {}), { count: 1001, joints: { length: 50 } }],
  ['joints of a machine', async (shop) => foundPage(shop, { unit: 'BG7' }), { count: 20, joints: { length: 20 } }],
  ['joints by the beginning of a tag', async (shop) => (await foundPage(shop, { tag: 'bg12-0' })).joints, { length: 9 }],
  ['joints of one lot', async (shop) => (await foundPage(shop, { lot: 'L0007' })).joints, { length: 50 }],
  ['what was brazed since the van was counted', ({ records }) => records.brazedSince('2020-01-14T21:00:00.000Z'), { size: 19 }],
])('%s reads a page', async (_what, ask, expected) => {
  const { read, answer } = await rowsReadBy(ask);
  expect(answer).toMatchObject(expected as object);
  expect(read).toBeLessThan(PAGE);
});

test('joints by two things of which each is common: as far as a thousand are counted, and no further', async () => {
  const { read, answer } = await rowsReadBy((shop) => foundPage(shop, { filler: 'BAg-36', state: 'rework' }));
  expect(answer).toMatchObject({ count: 1001, joints: { length: 50 } });
  expect(read).toBeLessThan(2 * PAGE);
});

test('today, and one job of it, read what they show', async () => {
  const whole = await rowsReadBy((shop) => today(shop, new Date()));
  expect(whole.answer).toMatchObject({ jobs: { length: 30 }, units: { length: 8 } });
  expect(whole.read).toBeLessThan(FIFTY_JOBS);
  const id = await openJob();
  const one = await rowsReadBy((shop) => shop.jobs.told(id));
  expect(one.answer).toMatchObject({ joints: { length: 10 } });
  expect(one.read).toBeLessThan(PAGE);
});

test('a word that leads to every joint shows the newest eight, and not all are fetched', async () => {
  const { read, answer } = await rowsReadBy(({ search }) => search.find('line'));
  const { joints } = answer as { joints: readonly { tag: string }[] };
  expect(joints.map(({ tag }) => tag)).toEqual([20, 19, 18, 17, 16, 15, 14, 13].map((n) => `BG999-${n}`));
  expect(read).toBeLessThan(PAGE);
});

test('somebody who is called otherwise from now on is found by it at all they made, in one question', async () => {
  const { answer } = await rowsReadBy(async ({ people, search }) => {
    const [maker] = await people.all();
    await people.change(maker?.id ?? '', { name: 'Wilja Ruusu' });
    return search.find('ruusu');
  });
  expect(answer).toMatchObject({ joints: Array.from({ length: 8 }, () => ({ by: 'Wilja Ruusu' })) });
});

test('the count tells a scan: a question that reads the shop is far over it', async () => {
  const { read } = await rowsReadBy((shop) => shop.records.brazedSince(null));
  expect(read).toBeGreaterThanOrEqual(JOINTS);
});

test('where more is behind than a page works off, as after an upgrade, it says so; worked off, it is whole', async () => {
  const behind = `insert into joint_stale (shop_id, joint_id) select '${SHOP}', gen_random_uuid() from generate_series(1, 450)`;
  await asOwner(database.ownerUrl, (query) => query(behind));
  const inShop = <T>(shopId: string, work: (shop: ShopWork) => Promise<T>) =>
    withShop(db, shopId, (transaction) => work(typeormShopWork(transaction, knownLinks())));
  expect(await inShop(SHOP, (shop) => foundPage(shop, {}))).toMatchObject({ isBehind: true });
  await workOff({ inShop }, SHOP);
  expect(await inShop(SHOP, (shop) => foundPage(shop, {}))).toMatchObject({ isBehind: false, count: 1001 });
});
