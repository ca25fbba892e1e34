import { factsIn, firstBreakOf, sealStageEntry, type JobLink, type LedgerLink } from '@kesto/core';
import type { Agent } from 'supertest';
import { v7 as uuid } from 'uuid';
import { storeFormer } from '../../testing/formerLinks';
import { addOtherShop, testServer, type OtherShop, type TestServer } from '../../testing/server';

let server: TestServer;
let shop: OtherShop;
let admin: Agent;
let technician: Agent;
beforeAll(async () => {
  server = await testServer();
  shop = await addOtherShop(server.store, [
    { login: 'olaf', role: 'admin' },
    { login: 'lise', role: 'technician' },
  ]);
  [admin, technician] = [await server.as('olaf'), await server.as('lise')];
});
afterAll(() => server.close());

const WORDS = 'the neighbour, Mrs Aalto, called';
async function complaint(): Promise<string> {
  const id = uuid();
  const body = { stage: 'find', kind: 'complaint', deviceTime: '2026-11-24T10:00:00.000Z', values: { text: WORDS }, photos: [] };
  await technician.put(`/api/jobs/${shop.jobId}/stages/${id}`).send(body).expect(200);
  return id;
}
const erase = (who: Agent, body: object, id = uuid()) => who.put(`/api/jobs/${shop.jobId}/erased/${id}`).send(body);
const links = async () => (await admin.get(`/api/jobs/${shop.jobId}`).expect(200)).body.stages.entries as JobLink[];
const kept = () => server.store.inShop(shop.shopId, async ({ ledger }) => JSON.stringify(await ledger.of({ of: 'job', id: shop.jobId })));

test('an admin takes words away: the chain holds, says who and why, and nothing of them is kept', async () => {
  const entry = await complaint();
  const [id, body] = [uuid(), { entry, what: 'words', why: 'she asked for it' }];
  await erase(technician, body).expect(403);
  await erase(admin, body, id).expect(200);
  await erase(admin, body, id).expect(200);
  expect(await kept()).not.toContain('Mrs Aalto');
  const all = await links();
  expect(firstBreakOf('job', all)).toBeNull();
  expect(factsIn(all).find((fact) => fact.id === entry)).toMatchObject({ values: { text: '' }, by: 'lise' });
  const last = all[all.length - 1] as LedgerLink; // cast: written today
  expect(last.content.said).toMatchObject({ kind: 'erased', told: { what: [expect.stringMatching(/^[0-9a-f]{64}$/)] } });
  expect((await erase(admin, body).expect(400)).body.error.field).toBe('what');
});

test('a name goes from every entry of the chain that its bearer wrote', async () => {
  const [first] = [await complaint(), await complaint()];
  await erase(admin, { entry: first, what: 'name', why: 'left, and asked for it' }).expect(200);
  const all = await links();
  expect(firstBreakOf('job', all)).toBeNull();
  expect(factsIn(all).every(({ by }) => by === '')).toBe(true);
  expect(await kept()).not.toContain('"lise"');
});

test('what a former format holds in itself cannot be taken out, and nobody is told otherwise', async () => {
  const job = uuid();
  await admin.put(`/api/jobs/${job}`).send({ circuitId: shop.circuitId, title: 'of before' }).expect(200);
  const person = (await admin.get('/api/session').expect(200)).body.person as { id: string; name: string };
  const at = '2026-10-01T08:00:00.000Z';
  const content = {
    format: 1,
    id: uuid(),
    job: { id: job, number: 1 },
    sequence: 1,
    stage: 'find',
    kind: 'complaint',
    person,
    previous: null,
  } as const;
  await storeFormer(server.ownerUrl, shop.shopId, [
    sealStageEntry({ ...content, deviceTime: at, serverTime: at, values: { text: WORDS }, photos: [] }),
  ]);
  const refused = await admin.put(`/api/jobs/${job}/erased/${uuid()}`).send({ entry: content.id, what: 'words', why: 'asked' }).expect(400);
  expect(refused.body.error).toMatchObject({ field: 'entry', message: expect.stringContaining('cannot be taken out') });
});

test('what changes somebody’s power stands in the shop’s own chain', async () => {
  const { people } = (await admin.get('/api/people').expect(200)).body as { people: { id: string; name: string }[] };
  const lise = people.find(({ name }) => name === 'lise')!.id;
  await admin.post(`/api/people/${lise}/role`).send({ role: 'lead' }).expect(200);
  await admin.post(`/api/people/${lise}/left`).send({ left: true }).expect(200);
  await admin.post(`/api/people/${lise}/left`).send({ left: true }).expect(200);
  await admin.post(`/api/people/${lise}/left`).send({ left: false }).expect(200);
  const chain = await server.store.inShop(shop.shopId, ({ ledger }) => ledger.of({ of: 'shop', id: shop.shopId }));
  expect(chain.map(({ content }) => [content.said.kind, content.said.told['person']])).toEqual([
    ['role', lise],
    ['left', lise],
    ['came-back', lise],
  ]);
  expect(firstBreakOf('shop', chain)).toBeNull();
});

test('a weight that was read wrong is corrected by its writer; a lead strikes out what is of another job; gates count what stands', async () => {
  const note = async (kind: string, values: object, more: object = {}, who = admin) => {
    const id = uuid();
    const body = { stage: 'find', kind, deviceTime: '2026-11-24T10:00:00.000Z', values, photos: [], ...more };
    return { id, answer: await who.put(`/api/jobs/${shop.jobId}/stages/${id}`).send(body) };
  };
  const loss = await note('loss', { lostKg: 4.1, days: 61 });
  const wrong = await note('corrected', { lostKg: 'much' }, { corrects: { entry: loss.id, why: 'read wrong' } });
  expect(wrong.answer.body.error.field).toBe('values.lostKg');
  const right = await note('corrected', { lostKg: 0.41 }, { corrects: { entry: loss.id, why: 'read wrong' } });
  expect(right.answer.status).toBe(200);
  expect(factsIn(await links()).find(({ id }) => id === loss.id)?.values).toEqual({ lostKg: 0.41, days: 61 });
  await note('struck-out', {}, { corrects: { entry: loss.id, why: 'another machine' } });
  expect(factsIn(await links()).some(({ id }) => id === loss.id)).toBe(false);
  const again = await note('struck-out', {}, { corrects: { entry: loss.id, why: 'twice' } });
  expect(again.answer.body.error.field).toBe('corrects.entry');
});
