import { SET_UP, WIND } from '../../testing/madeUpRows';
import { stageEntryWord, stageFactText } from '@kesto/contract/wording';
import { factsAmong, factsIn, MANIFEST, readJobLink, verifyJob, type JobLink } from '@kesto/core';
import { unzipSync } from 'fflate';
import type { Agent } from 'supertest';
import { v7 as uuid } from 'uuid';
import { rulesServer, type RulesServer } from '../../testing/server';
import { demoId } from '../demo';

let server: RulesServer;
let ilta: Agent;
const job = uuid();
beforeAll(async () => {
  server = await rulesServer();
  ilta = await server.as('ilta');
  await ilta
    .put(`/api/jobs/${job}`)
    .send({ circuitId: demoId(0x31), title: 'made up' })
    .expect(200);
});
afterAll(() => server.close());

const note = (kind: string, values: object, stage = SET_UP) =>
  ilta.put(`/api/jobs/${job}/stages/${uuid()}`).send({ stage, kind, values, deviceTime: '2026-11-24T10:00:00.000Z', photos: [] });
const links = async () => (await ilta.get(`/api/jobs/${job}`).expect(200)).body.stages.entries as JobLink[];
const VALUES = { metresPerSecond: 7, by: 'Ilta Varro' };

test('a stage that nobody has is gated by its own row, and by no other’s', async () => {
  const refused = await note('done', {}).expect(409);
  expect(refused.body.error).toMatchObject({ code: 'GATE', message: expect.stringContaining('the wind was not read') });
  expect(refused.body.error.message).not.toContain('zero on both sides');
});

test('its kind is refused by its fields and in other stages, and taken in its own', async () => {
  expect((await note(WIND, { ...VALUES, metresPerSecond: 61 }).expect(400)).body.error.message).toContain('from 0 to 60 m/s');
  expect((await note(WIND, VALUES, 'find').expect(400)).body.error.field).toBe('kind');
  await note(WIND, VALUES).expect(200);
  await note('done', {}).expect(200);
});

test('it is shown on its way, worded, and its words are not hashed', async () => {
  const [first] = await links();
  const pending = { ...readJobLink(first!), id: 'kept here', serverTime: '2026-11-24T10:00:00.000Z' };
  expect(factsAmong([pending])).toMatchObject([{ kind: WIND, stage: SET_UP, values: VALUES }]);
  const [fact] = factsIn(await links());
  expect([stageEntryWord(fact!.kind), stageFactText(fact!)]).toEqual(['wind read', '7 m/s, by Ilta Varro']);
  expect(JSON.stringify(first!.content)).not.toContain('Ilta Varro');
});

test('it is exported with its job and verified', async () => {
  const answer = await ilta
    .get(`/api/jobs/${job}/record.zip`)
    .buffer(true)
    .parse((response, done) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () => done(null, Buffer.concat(chunks)));
    })
    .expect(200);
  const parts = new Map(Object.entries(unzipSync(answer.body as Uint8Array))); // cast: read as bytes
  expect([...parts.keys()]).toEqual(expect.arrayContaining([MANIFEST, 'job.jsonl']));
  expect(verifyJob(parts)).toMatchObject({ ok: true, value: { intact: true, chains: [{ of: 'job', entries: 3 }] } });
});
