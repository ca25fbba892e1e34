import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { SealView } from '@kesto/contract';
import { METRIC_PREFERENCES, type ExportedRecord } from '@kesto/core';
import { keyWords, readOlderText, verifySealedJob, verifySealedRecord, type TreeHeadFile } from '@kesto/core/tree';
import { unzipSync } from 'fflate';
import type { Response } from 'superagent';
import { v7 as uuid } from 'uuid';
import { FINISHED_JOINT } from '../../testing/examples';
import { rulesServer, testServer, type RulesServer, type TestServer } from '../../testing/server';
import { DEMO_PASSWORD, DEMO_SHOP } from '../demo';
import { hashPassword } from '../session';
import { shopKeysIn, shopKeysInMemory } from './shopKeys';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const recordOf = async (from: RulesServer, query = '') =>
  (await (await from.as('bo')).get(`/api/joints/${FINISHED_JOINT}/record.json${query}`).expect(200)).body as ExportedRecord;
const treeHeadOf = async (from: RulesServer) =>
  (await (await from.as('bo')).get('/api/seal/tree-head.json').expect(200)).body as TreeHeadFile;
const against = (older: unknown) => ({
  older: (chains: Parameters<typeof readOlderText>[1]) => readOlderText(JSON.stringify(older), chains),
});
const checked = (file: unknown, older?: unknown) => {
  const result = verifySealedRecord(file, older === undefined ? {} : (against(older) as never));
  return result.ok ? result.value : result.errors[0];
};
const comment = async (from: RulesServer) => {
  const body = { deviceTime: new Date().toISOString(), text: 'Seen on site.' };
  await (await from.as('bo')).put(`/api/joints/${FINISHED_JOINT}/comments/${uuid()}`).send(body).expect(200);
};
const binary = (response: Response, done: (error: Error | null, body: Buffer) => void) => {
  const chunks: Buffer[] = [];
  response.on('data', (chunk: Buffer) => chunks.push(chunk));
  response.on('end', () => done(null, Buffer.concat(chunks)));
};

test('a record is given away sealed: whose it is, in words, and where the chain stood', async () => {
  const record = await recordOf(server);
  const found = checked(record);
  expect(found).toMatchObject({
    intact: true,
    reached: expect.arrayContaining(['signed']) as unknown,
    signed: { shop: { id: DEMO_SHOP }, notes: [] },
  });
  const { body } = await (await server.as('ilta')).get('/api/seal').expect(200);
  expect(body).toMatchObject({ state: 'sealing', keyWords: keyWords(record.seal?.treeHead.key ?? '') });
});

test('what was given away before is the beginning of what is given away later; a record and a tree head alike', async () => {
  const [early, head] = [await recordOf(server), await treeHeadOf(server)];
  await comment(server);
  const late = await recordOf(server);
  expect(late.entries.length).toBe(early.entries.length + 1);
  expect(checked(late, early)).toMatchObject({ intact: true, older: 'continued' });
  expect(checked(early, late)).toMatchObject({ intact: true, signed: { notes: [{ what: 'this-is-older' }] } });
  const made = await recordOf(server, `?from=${head.seal.treeHead.size}`);
  expect(checked(made, head)).toMatchObject({ intact: true, older: 'continued' });
  expect(checked({ ...late, entries: early.entries }, late)).toMatchObject({ intact: false });
});

test('a job’s file is sealed over every chain in it', async () => {
  const bo = await server.as('bo');
  const job = (await bo.get(`/api/joints/${FINISHED_JOINT}`).expect(200)).body.job.id as string;
  const { body } = await bo.get(`/api/jobs/${job}/record.zip`).buffer(true).parse(binary).expect(200);
  const result = verifySealedJob(new Map(Object.entries(unzipSync(body as Uint8Array)))); // cast: read as bytes
  expect(result).toMatchObject({ ok: true, value: { intact: true, signed: { shop: { id: DEMO_SHOP }, notes: [] } } });
});

test('once a minute what grew is sealed, in whatever chain; and nothing twice', async () => {
  await comment(server);
  await server.seals.sealShop(DEMO_SHOP);
  const heads = () => server.store.inShop(DEMO_SHOP, async ({ seal }) => ({ head: await seal.newestHead(), grown: await seal.hasGrown() }));
  const first = await heads();
  expect(first.grown).toBe(false);
  await server.seals.sealShop(DEMO_SHOP);
  expect((await heads()).head).toEqual(first.head);
});

test('a chain that grows while the shop is sealed is sealed with the next', async () => {
  await Promise.all([
    ...Array.from({ length: 6 }, () => comment(server)),
    ...Array.from({ length: 6 }, () => server.seals.sealShop(DEMO_SHOP)),
  ]);
  await server.seals.sealShop(DEMO_SHOP);
  const record = await recordOf(server);
  expect(checked(record)).toMatchObject({ intact: true, signed: { notes: [] } });
});

/** The demo has a lead and no admin. */
async function withAdmin(options: Parameters<typeof rulesServer>[0]): Promise<RulesServer> {
  const shop = await rulesServer(options);
  const passwordHash = await hashPassword(DEMO_PASSWORD);
  const bare = { units: METRIC_PREFERENCES, approvals: [], confirmedAt: null, leftAt: null };
  await shop.store.inShop(DEMO_SHOP, ({ people }) =>
    people.add({ id: uuid(), login: 'adda', name: 'Adda', role: 'admin', passwordHash, ...bare }),
  );
  return shop;
}

describe('the shop’s key', () => {
  const keyNow = async (shop: RulesServer) =>
    ((await (await shop.as('bo')).get('/api/seal').expect(200)).body as SealView).treeHead?.key ?? null;
  const changed = async (shop: RulesServer, why: string, from?: string | null) =>
    (await (await shop.as('adda')).put('/api/seal/key').send({ why, from: from ?? (await keyNow(shop)) })).status;

  test('is handed over by the old one; where that is gone, every later file says so', async () => {
    const keys = { ...shopKeysInMemory() };
    const shop = await withAdmin({ keys });
    const early = await recordOf(shop);
    const first = await keyNow(shop);
    expect(await changed(shop, 'changed')).toBe(200);
    const second = await keyNow(shop);
    // Asked once more by a line that broke: nothing changes.
    expect([await changed(shop, 'changed', first), await keyNow(shop)]).toEqual([200, second]);
    expect(second).not.toBe(first);
    // A key that was made for a change that failed signs nothing; the one before goes on.
    keys.make(DEMO_SHOP);
    expect((await (await shop.as('bo')).get('/api/seal').expect(200)).body.state).toBe('sealing');
    expect(checked(await recordOf(shop), early)).toMatchObject({ older: 'continued', signed: { notes: [{ what: 'key-changed' }] } });
    const kept = { ...keys };
    keys.of = () => null;
    const { body } = await (await shop.as('bo')).get('/api/seal').expect(200);
    expect(body.state).toBe('key-missing');
    await comment(shop);
    expect(checked(await recordOf(shop))).toMatchObject({
      intact: true,
      signed: { notes: expect.arrayContaining([expect.objectContaining({ what: 'not-sealed-yet', entries: 1 })]) as unknown },
    });
    expect(await changed(shop, 'changed')).toBe(409);
    expect(await changed(shop, 'lost')).toBe(200);
    keys.of = kept.of;
    const late = await recordOf(shop);
    expect(checked(late, early)).toMatchObject({ older: 'continued', signed: { notes: [{ what: 'key-changed' }, { what: 'key-lost' }] } });
  });

  test('a restored copy signs nothing until an admin says that it is the server now; then it begins an epoch', async () => {
    const keys = { ...shopKeysInMemory() };
    const shop = await withAdmin({ keys });
    await recordOf(shop);
    let copy = true;
    keys.isCopy = () => copy;
    await comment(shop);
    const { body } = await (await shop.as('bo')).get('/api/seal').expect(200);
    expect(body).toMatchObject({ state: 'restored-copy', grown: true });
    expect(await changed(shop, 'lost')).toBe(409);
    keys.becameServer = () => void (copy = false);
    await (await shop.as('ilta')).put('/api/seal/server').send({ sure: true }).expect(403);
    await (await shop.as('adda')).put('/api/seal/server').send({ sure: true }).expect(200);
    const record = await recordOf(shop);
    expect(record.seal?.treeHead.epoch).toBe(2);
    expect(checked(record)).toMatchObject({ signed: { notes: [{ what: 'restored' }] } });
  });
});

test('a tree of hundreds of leaves is proved by what is kept of it', async () => {
  const shop = await rulesServer();
  await treeHeadOf(shop);
  for (let i = 0; i < 40; i += 1) {
    await comment(shop);
    await shop.seals.sealShop(DEMO_SHOP);
  }
  const { body } = await (await shop.as('bo')).get('/api/seal/continued/7').expect(200);
  expect(body.continued.proof.length).toBeGreaterThan(2);
  expect(checked(await recordOf(shop, '?from=7'))).toMatchObject({ intact: true });
  await (await shop.as('bo')).get(`/api/joints/${FINISHED_JOINT}/record.json?from=x`).expect(400);
});

test('a key on the disk is found by its name after others came, for its owner’s eyes alone', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'kesto-keys-'));
  const keys = shopKeysIn(folder);
  const [first, second] = [keys.make(DEMO_SHOP), keys.make(DEMO_SHOP)];
  expect([keys.of(DEMO_SHOP)?.key, keys.of(DEMO_SHOP, first.key)?.key]).toEqual([second.key, first.key]);
  expect(keys.of(uuid())).toBeNull();
  const files = readdirSync(path.join(folder, 'shop-keys'), { withFileTypes: true });
  expect(files.map((file) => statSync(path.join(file.parentPath, file.name)).mode & 0o777)).toEqual([0o600, 0o600]);
  rmSync(folder, { recursive: true });
});
