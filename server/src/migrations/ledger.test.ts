import { firstBreakOf, readJobLink, stateAfter, readChain } from '@kesto/core';
import { prepareDatabase } from '../platform/db/prepare';
import { jobNotes } from '../features/jobNotes';
import type { ShopWork } from '../features/shopWork';
import { typeormStore } from '../features/shopWork.typeorm';
import { asOwner, freshDatabase } from '../testing/database';
import { FORMER_SHOP, formerDatabase, formerId } from '../testing/formerDatabase';

const SMALL = { jobs: 2, ofJob: 3, joints: 2, ofJoint: 4 };

async function inMoved<T>(database: Awaited<ReturnType<typeof freshDatabase>>, work: (shop: ShopWork) => Promise<T>): Promise<T> {
  const { db } = await prepareDatabase(database.ownerUrl, database.dataDir);
  try {
    return await typeormStore(db).inShop(FORMER_SHOP, work);
  } finally {
    await db.destroy();
  }
}

test('10 000 entries of the former tables go over to the letter, and every chain holds; notes and joints stand after them', async () => {
  const database = await freshDatabase();
  const former = await formerDatabase(database.ownerUrl, { jobs: 10, ofJob: 400, joints: 20, ofJoint: 300 });
  await inMoved(database, async (shop) => {
    const joints = await shop.ledger.ofAll(
      'joint',
      former.joints.map((_, i) => formerId(6, i + 1)),
    );
    expect([...joints.values()]).toEqual(former.joints);
    for (const chain of joints.values()) expect(firstBreakOf('joint', chain)).toBeNull();
    expect(
      (await shop.records.factsOf([formerId(6, 1)]))
        .get(formerId(6, 1))
        ?.map(({ kind }) => kind)
        .slice(0, 3),
    ).toEqual(['planned', 'brazed', 'looked-at']);
    expect(stateAfter(readChain(joints.get(formerId(6, 1)) ?? []), true)).toBe('cut-out');
    const jobs = await shop.ledger.ofAll(
      'job',
      former.jobs.map((_, i) => formerId(5, i + 1)),
    );
    for (const [i, chain] of [...jobs.values()].entries()) {
      expect(chain.slice(0, 400)).toEqual(former.jobs[i]);
      expect(firstBreakOf('job', chain)).toBeNull();
    }
    const first = jobs.get(formerId(5, 1)) ?? [];
    expect(first.slice(400).map((link) => readJobLink(link).kind)).toEqual(['carried-over', 'joint-added', 'joint-added']);
    expect((await jobNotes(shop, first)).schools).toMatchObject({ schools: { wrap: 'putty' }, reason: 'no water here', by: 'Ilta Varro' });
    // What a page of the former version repeats is known by its id and what it said.
    expect(await shop.ledger.taken('job', formerId(7, 1))).toMatchObject({ requestHash: 'r' });
    // Whatever stood there before words were kept is found by them.
    expect(await shop.search.sites('x')).toEqual([{ id: formerId(3, 1), name: 'x', altitudeM: 0 }]);
    expect((await shop.finds.leaksOf([formerId(3, 3)])).length).toBe(200);
  });
  await database.drop();
});

test.each([
  [
    'a letter altered in a joint’s entry',
    `update record_entry set content = replace(content, 'Ilta', 'Otto') where sequence = 2`,
    /joint .* does not hold at entry 2/,
  ],
  ['an entry taken out of a job’s chain', `delete from stage_entry where sequence = 2`, /job .* does not hold at entry 3/],
  ['an id that stands twice', `update job_entry set id = (select id from stage_entry limit 1)`, /stands twice/],
])('%s stops it by name, and nothing is moved', async (_what, spoil, problem) => {
  const database = await freshDatabase();
  await formerDatabase(database.ownerUrl, SMALL);
  await asOwner(database.ownerUrl, (query) => query(spoil));
  await expect(prepareDatabase(database.ownerUrl, database.dataDir)).rejects.toThrow(problem);
  await asOwner(database.ownerUrl, async (query) => {
    const [count] = (await query('select count(*)::int as n from record_entry')) as { n: number }[];
    expect(count?.n).toBe(SMALL.joints * SMALL.ofJoint);
    await expect(query('select 1 from ledger')).rejects.toThrow(/does not exist/);
  });
  await database.drop();
});

test('the ledger is only added to, by its owner as well; words go only where an entry says so', async () => {
  const database = await freshDatabase();
  await formerDatabase(database.ownerUrl, SMALL);
  await inMoved(database, () => Promise.resolve());
  await asOwner(database.ownerUrl, async (query) => {
    for (const sql of [`update ledger set kind = 'x'`, 'delete from ledger', 'truncate ledger', `update ledger_words set words = 'x'`]) {
      await expect(query(sql)).rejects.toThrow(/only added to/);
    }
    await expect(query('delete from ledger_words')).rejects.toThrow(/only after an entry says so/);
  });
  await database.drop();
});
