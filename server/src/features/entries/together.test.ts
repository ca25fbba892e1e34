import type { EntryAnswers, SentEntry } from '@kesto/contract';
import { readChain, type JointLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { brazedBody, lookBody, OPEN_JOB, planBody } from '../../testing/examples';
import { asOwner } from '../../testing/database';
import { addOtherShop, testServer, type TestServer } from '../../testing/server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

async function plannedJoint(): Promise<string> {
  const ilta = await server.as('ilta');
  const id = uuid();
  await ilta.put(`/api/jobs/${OPEN_JOB}/joints/${id}`).send({ title: 'Test joint' }).expect(200);
  await ilta.put(`/api/joints/${id}/plans/${uuid()}`).send(planBody()).expect(200);
  return id;
}

const ofJoint = (joint: string, body: unknown, entry = uuid()): SentEntry => ({ route: 'putEntry', params: { joint, entry }, body });
const comment = (joint: string, text: string): SentEntry => ({
  ...{ route: 'putJointComment', params: { joint, entry: uuid() } },
  body: { text, deviceTime: new Date().toISOString() },
});
async function send(entries: readonly unknown[], by = 'ilta') {
  const { body } = await (await server.as(by)).put('/api/entries').send({ entries }).expect(200);
  return (body as EntryAnswers).answers; // cast: as the route answers
}
const statuses = async (entries: readonly unknown[], by?: string) => (await send(entries, by)).map(({ status }) => status);
const chainOf = async (joint: string) =>
  (await (await server.as('bo')).get(`/api/joints/${joint}`).expect(200)).body.entries as readonly JointLink[]; // cast: as the route answers
const kindsOf = async (joint: string) => readChain(await chainOf(joint)).map(({ kind }) => kind);

test('what waited a day arrives once each and in order, of whatever record; sent again it changes nothing', async () => {
  const [one, other] = [await plannedJoint(), await plannedJoint()];
  const entries = [ofJoint(one, brazedBody()), ofJoint(other, brazedBody()), ofJoint(one, lookBody()), comment(one, 'good flow')];
  for (const _try of [1, 2]) expect(await statuses(entries)).toEqual([200, 200, 200, 200]);
  expect(await kindsOf(one)).toEqual(['planned', 'brazed', 'looked-at', 'commented']);
  expect(await kindsOf(other)).toEqual(['planned', 'brazed']);
});

test('one that is refused says why at its field, and takes none of the others with it', async () => {
  const joint = await plannedJoint();
  const answers = await send([
    ofJoint(joint, brazedBody()),
    ofJoint(joint, { ...lookBody(), kind: 'guessed' }),
    ofJoint(joint, lookBody()),
    ofJoint(joint, lookBody(), 'no-id'),
    comment(joint, 'good flow'),
  ]);
  expect(answers.map(({ status, error }) => [status, error?.field])).toEqual([
    [200, undefined],
    [400, 'kind'],
    [200, undefined],
    [400, 'entry'],
    [200, undefined],
  ]);
  expect(await kindsOf(joint)).toEqual(['planned', 'brazed', 'looked-at', 'commented']);
});

test('entries of one record are one transaction', async () => {
  const joint = await plannedJoint();
  await send([ofJoint(joint, brazedBody()), ofJoint(joint, lookBody()), comment(joint, 'good flow')]);
  let transactions: unknown = null;
  await asOwner(server.ownerUrl, async (query) => {
    transactions = await query('select count(distinct xmin::text)::int as n, count(*)::int as links from ledger where chain_id = $1', [
      joint,
    ]);
  });
  expect(transactions).toEqual([{ n: 1, links: 4 }]);
});

test('each goes by the rights of its own route: an inspector comments and notes nothing; another shop’s joint is unknown', async () => {
  const joint = await plannedJoint();
  await send([ofJoint(joint, brazedBody())]);
  expect(await statuses([ofJoint(joint, lookBody()), comment(joint, 'seen')], 'bo')).toEqual([403, 200]);
  await addOtherShop(server.store, [{ login: 'otto', role: 'admin' }]);
  expect(await statuses([ofJoint(joint, lookBody()), comment(joint, 'seen')], 'otto')).toEqual([404, 404]);
  expect(await kindsOf(joint)).toEqual(['planned', 'brazed', 'commented']);
});

test('where the server fails, the rest is not tried: what was kept is kept, and the same again brings all of it', async () => {
  const [one, other] = [await plannedJoint(), await plannedJoint()];
  const entries = [ofJoint(one, brazedBody()), ofJoint(other, brazedBody())];
  await server.breakTable('ledger', async () => {
    expect(await statuses(entries)).toEqual([500]);
  });
  expect(await statuses(entries)).toEqual([200, 200]);
});

test('none, more than fifty, and what is no entry are refused whole', async () => {
  const ilta = await server.as('ilta');
  const entry = ofJoint(uuid(), brazedBody());
  for (const entries of [[], Array.from({ length: 51 }, () => entry), [{ ...entry, route: 'putPlan' }]])
    await ilta.put('/api/entries').send({ entries }).expect(400);
});
