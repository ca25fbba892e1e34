import { ENGINE_VERSION, sealEntry, verifyRecord, type RecordEntry, type SealedContent } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { planBody } from '../../testing/examples';
import { storeFormer } from '../../testing/formerLinks';
import { testServer, type TestServer } from '../../testing/server';
import { DEMO_PEOPLE, DEMO_SHOP } from '../demo';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

/** A record as a program of format 1 left it: planned, brazed, looked at. */
async function formerRecord(): Promise<string> {
  const joint = uuid();
  const ilta = await server.as('ilta');
  const job = '0193a000-0000-7000-8000-000000000041';
  const { tag } = (await ilta.put(`/api/jobs/${job}/joints/${joint}`).send({ title: 'Old joint' }).expect(200)).body;
  await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(planBody()).expect(200);
  const [person] = DEMO_PEOPLE;
  const links: readonly (readonly [string, object])[] = [
    ['planned', {}],
    ['brazed', { filler: 'BAg-36', rodMm: 40 }],
    ['looked at', { result: 'pass', findings: [], note: '' }],
  ];
  const at = '2026-11-20T10:00:00.000Z';
  const chain: RecordEntry[] = [];
  for (const [i, [kind, values]] of links.entries()) {
    const content = {
      format: 1,
      id: uuid(),
      joint: { id: joint, tag },
      sequence: i + 1,
      kind,
      person: { id: person.id, name: person.name },
      deviceTime: at,
      serverTime: at,
      values,
      photos: [],
      corrects: null,
      previous: chain.at(-1)?.hash ?? null,
    } as SealedContent; // cast: what a program of those days wrote
    chain.push(sealEntry(content));
  }
  await storeFormer(server.ownerUrl, DEMO_SHOP, chain);
  return joint;
}

test('an old record stands where it stood, goes on in today’s format, and all of it verifies', async () => {
  const joint = await formerRecord();
  const maren = await server.as('maren');
  const read = async () => (await maren.get(`/api/joints/${joint}`).expect(200)).body;
  const old = await read();
  expect(old.state).toBe('passed');
  const accept = { kind: 'accepted', deviceTime: '2026-11-24T10:00:00.000Z', values: { note: '' }, photos: [] };
  const added = await maren.put(`/api/joints/${joint}/entries/${uuid()}`).send(accept).expect(200);
  expect(added.body.content).toMatchObject({ format: 3, sequence: 4, previous: old.entries[2].hash });
  const now = await read();
  expect(now.state).toBe('accepted');
  expect(now.entries.slice(0, 3)).toEqual(old.entries);
  const file = JSON.parse((await maren.get(`/api/joints/${joint}/record.json`).expect(200)).text) as unknown;
  expect(verifyRecord(file)).toMatchObject({ ok: true, value: { intact: true, entries: 4 } });
  expect(now.plan.engineVersion).toBe(ENGINE_VERSION);
});
