import { v7 as uuid } from 'uuid';
import type { Agent } from 'supertest';
import { freshen } from '../../features/found';
import { demoId, DEMO_SHOP } from '../../features/demo';
import { brazedBody, FINISHED_JOINT, OPEN_JOB, planBody, PLANNED_JOINT } from '../../testing/examples';
import { addOtherShop, testServer, type OtherShop, type TestServer } from '../../testing/server';
import { withShop } from './shop';
import { SHOP_TABLES } from './tables';

const TABLES = SHOP_TABLES.map((table) => table.name);

let server: TestServer;
let other: OtherShop;
let stranger: Agent;
beforeAll(async () => {
  server = await testServer();
  other = await addOtherShop(server.store, [
    { login: 'otto', role: 'admin' },
    { login: 'olga', role: 'lead' },
  ]);
  stranger = await server.as('otto');
  const refused = { personId: demoId(0x11), address: '203.0.113.7', minute: new Date() };
  // The rows joints are found by are worked out when they are asked for; what is sealed is given away once.
  await (await server.as('bo')).get(`/api/joints/${FINISHED_JOINT}/record.json`).expect(200);
  await (await server.as('bo')).get(`/api/joints/${FINISHED_JOINT}/label.svg`).expect(200);
  await server.store.inShop(DEMO_SHOP, (shop) => freshen(shop, 2));
  await server.store.inShop(DEMO_SHOP, ({ imports }) =>
    imports.add({
      ...{
        sha256: 'a'.repeat(64),
        of: 'joint',
        name: 'CR2-09',
        shop: null,
        bytes: Buffer.from('b'),
        personId: demoId(0x11),
        at: new Date(),
      },
      joints: [{ chain: uuid(), tag: 'CR2-09', sequence: 1, head: 'a'.repeat(64) }],
    }),
  );
  await server.store.inShop(DEMO_SHOP, async ({ audit, dayPins, series }) => {
    await audit.refused(refused, new Date(0));
    const ids = { id: uuid(), leadId: demoId(0x13), at: new Date() };
    await dayPins.add({ ...ids, phoneOf: demoId(0x11), key: 'k', madeAt: new Date(), until: new Date() });
    await dayPins.used({ ...ids, jobId: OPEN_JOB, seenAt: null });
    const instrument = { kind: 'pressure-temperature', name: 'P-7', columns: [] } as const;
    const began = { beganAt: new Date(), heardAt: new Date(), stoodAt: new Date(), endedAt: null };
    const none = {
      blocks: 0,
      head: null,
      samples: 0,
      acked: 0,
      tail: null,
      disagreements: 0,
      factor: null,
      pairedBy: null,
      tokenHash: 't',
    };
    const one = { id: uuid(), jobId: OPEN_JOB, holdId: uuid(), instrument, ...none, ...began };
    await series.add(one);
    await series.addBlock({ seriesId: one.id, sequence: 1, bytes: Buffer.from('b'), hash: 'h' });
  });
});
afterAll(() => server.close());

const rows = (shopId: string, sql: string) =>
  withShop(server.db, shopId, ({ manager }) => manager.query(sql) as Promise<{ shop_id: string }[]>);

describe('no route gives one shop the other’s data', () => {
  test.each([
    ['a job', `/api/jobs/${OPEN_JOB}`],
    ['a joint', `/api/joints/${FINISHED_JOINT}`],
    ['a record', `/api/joints/${FINISHED_JOINT}/record.json`],
  ])('%s', async (_what, path) => {
    const { body } = await stranger.get(path).expect(404);
    expect(JSON.stringify(body)).not.toContain('HS3');
  });

  test('a photo, even with its hash known', async () => {
    const mine = await (await server.as('ilta')).get(`/api/joints/${FINISHED_JOINT}/record.json`).expect(200);
    const [sha] = Object.keys(mine.body.photos as object);
    await stranger.get(`/api/photos/${sha}`).expect(404);
  });

  test('a tag finds the shop’s own joint, though the other shop has the same tag', async () => {
    const { body } = await stranger.get('/api/find/CR2-09').expect(200);
    expect(body).toMatchObject({ id: other.jointId, title: 'theirs' });
  });

  test('today shows nothing of theirs', async () => {
    const { body } = await stranger.get('/api/today').expect(200);
    expect(body.jobs.map((j: { id: string }) => j.id)).toEqual([other.jobId]);
    expect(JSON.stringify(body)).not.toContain('Ilta');
  });

  test('writes into the other shop find nothing there', async () => {
    await stranger.put(`/api/joints/${PLANNED_JOINT}/plans/${uuid()}`).send(planBody()).expect(404);
    await stranger.put(`/api/joints/${PLANNED_JOINT}/entries/${uuid()}`).send(brazedBody()).expect(404);
    await stranger.put(`/api/jobs/${OPEN_JOB}/joints/${uuid()}`).send({ title: 'x' }).expect(404);
    await stranger
      .put(`/api/jobs/${uuid()}`)
      .send({ circuitId: demoId(0x31), title: 'x' })
      .expect(404);
  });

  test('a session of one shop is none in the other, even with the token known', async () => {
    const { headers } = await server.stranger().post('/api/session').send({ login: 'otto', password: 'copper-before-filler' }).expect(201);
    const cookie = String(headers['set-cookie']).split(';')[0] ?? '';
    await server.stranger().get('/api/session').set('cookie', cookie).expect(200);
    await server.stranger().get('/api/session').set('cookie', cookie.replace(other.shopId, DEMO_SHOP)).expect(401);
  });
});

describe('the database refuses what a query forgets', () => {
  // What grew waits to be sealed.
  beforeAll(async () => {
    const comment = { text: 'seen', deviceTime: new Date().toISOString() };
    await (await server.as('bo')).put(`/api/joints/${FINISHED_JOINT}/comments/${uuid()}`).send(comment).expect(200);
  });

  test.each(TABLES)('%s: a query without a where sees its own shop alone', async (table) => {
    const mine = await rows(DEMO_SHOP, `select shop_id from ${table}`);
    const theirs = await rows(other.shopId, `select shop_id from ${table}`);
    expect(mine.every((r) => r.shop_id === DEMO_SHOP)).toBe(true);
    expect(theirs.every((r) => r.shop_id === other.shopId)).toBe(true);
    if (table !== 'session') expect(mine.length).toBeGreaterThan(0);
  });

  test.each(TABLES)('%s: without a shop nothing at all is seen', async (table) => {
    expect(await server.db.query(`select * from ${table}`)).toEqual([]);
  });

  test('a row for another shop cannot be put in', async () => {
    const insert = `insert into site (shop_id, id, name, altitude_m) values ('${DEMO_SHOP}', '${uuid()}', 'x', 0)`;
    await expect(rows(other.shopId, insert)).rejects.toMatchObject({ code: '42501' });
  });

  test('an update without a where leaves the other shop untouched', async () => {
    await rows(other.shopId, `update joint set title = 'overwritten'`);
    const mine = (await rows(DEMO_SHOP, `select title from joint`)) as unknown as { title: string }[];
    expect(mine.some((r) => r.title === 'overwritten')).toBe(false);
  });
});

describe('records can only grow', () => {
  test.each([
    ['ledger', `update ledger set content = '{}'`],
    ['ledger', `delete from ledger`],
    ['joint_plan', `update joint_plan set chosen = 'BCuP-2'`],
    ['joint_plan', `delete from joint_plan`],
    ['ledger_words', `update ledger_words set words = ''`],
    ['photo', `update photo set bytes = ''`],
    ['photo', `delete from photo`],
    ['ledger', `truncate ledger`],
  ])('%s: “%s” is refused by the database', async (_table, sql) => {
    await expect(rows(DEMO_SHOP, sql)).rejects.toMatchObject({ code: '42501' });
  });
});
