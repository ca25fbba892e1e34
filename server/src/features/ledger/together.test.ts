import { firstBreakOf, isLedgerLink, type AnyLink, type Chain } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { brazedBody, planBody } from '../../testing/examples';
import { testServer, type TestServer } from '../../testing/server';
import { demoId, DEMO_SHOP } from '../demo';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const AT = '2026-11-24T10:00:00.000Z';

test('200 writes at once over a job and two of its joints: every one answered, no gap, no fork, each stored once', async () => {
  const [ilta, job] = [await server.as('ilta'), uuid()];
  await ilta
    .put(`/api/jobs/${job}`)
    .send({ circuitId: demoId(0x31), title: 'at once' })
    .expect(200);
  const joints = [uuid(), uuid()];
  for (const joint of joints) {
    await ilta.put(`/api/jobs/${job}/joints/${joint}`).send({ title: 'one' }).expect(200);
    await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(planBody()).expect(200);
  }
  const ids = Array.from({ length: 200 }, () => uuid());
  const write = (i: number) => {
    const joint = joints[i % 2]!;
    if (i % 3 === 0) {
      const body = { stage: 'find', kind: 'complaint', values: { text: `no. ${i}` }, deviceTime: AT, photos: [] };
      return ilta.put(`/api/jobs/${job}/stages/${ids[i]}`).send(body);
    }
    const soaped = { kind: 'soaped', deviceTime: AT, values: { note: '' }, photos: [] };
    return ilta.put(`/api/joints/${joint}/entries/${ids[i]}`).send(i % 10 === 1 ? brazedBody() : soaped);
  };
  const answers = await Promise.all(ids.map((_, i) => write(i)));
  const again = await Promise.all(ids.slice(0, 40).map((_, i) => write(i)));
  expect([...answers, ...again].map(({ status }) => status).filter((status) => status !== 200 && status !== 503)).toEqual([]);
  for (const [i, answer] of answers.entries()) if (answer.status === 503) await write(i).expect(200);
  const stored = await server.store.inShop(DEMO_SHOP, async ({ ledger }) => {
    const of = (chain: Chain, id: string) => ledger.of({ of: chain, id });
    return [await of('job', job), await of('joint', joints[0]!), await of('joint', joints[1]!)] as readonly (readonly AnyLink[])[];
  });
  expect(stored.map((links, i) => firstBreakOf(i === 0 ? 'job' : 'joint', links))).toEqual([null, null, null]);
  const kept = stored
    .flat()
    .filter(isLedgerLink)
    .map(({ content }) => content.said.id);
  expect(ids.filter((id) => kept.filter((one) => one === id).length !== 1)).toEqual([]);
});
