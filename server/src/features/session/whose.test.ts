import { BEHALF_HEADER, CLOCK_HEADER, PERSON_HEADER, type JobView } from '@kesto/contract';
import { readJobLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { OPEN_JOB } from '../../testing/examples';
import { rulesServer, type RulesServer } from '../../testing/server';
import { demoId } from '../demo';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const [ILTA, OSKAR] = [demoId(0x11), demoId(0x12)];
const LEAK = { stage: 'find', kind: 'complaint', values: { text: 'warm' }, deviceTime: '2026-11-26T08:00:00.000Z', photos: [] };
/** As a browser sends it: the page's own origin goes with every write. */
const fromPage = { 'sec-fetch-site': 'same-origin' };

test('what one person kept is never stored in the name of another who signed in meanwhile: both are named, and no session ends', async () => {
  const oskar = await server.as('oskar');
  const address = `/api/jobs/${OPEN_JOB}/stages/${uuid()}`;
  const { body } = await oskar.put(address).set(PERSON_HEADER, ILTA).send(LEAK).expect(409);
  expect(body.error).toMatchObject({ code: 'OTHER_PERSON', details: { signedIn: { id: OSKAR, name: 'Oskar Penn' } } });
  expect(body.error.message).toMatch(/Ilta Varro’s, and Oskar Penn is signed in/);
  await oskar.get('/api/today').set(PERSON_HEADER, OSKAR).expect(200);
  await (await server.as('ilta')).put(address).set(PERSON_HEADER, ILTA).send(LEAK).expect(200);
});

test('nothing is read in another’s name either, and photos are held back like entries', async () => {
  const oskar = await server.as('oskar');
  await oskar.get('/api/today').set(PERSON_HEADER, ILTA).expect(409);
  const photo = oskar.put(`/api/photos/${'a'.repeat(64)}`).set({ [PERSON_HEADER]: ILTA, 'content-type': 'application/octet-stream' });
  expect((await photo.send(Buffer.from('x'))).body.error.code).toBe('OTHER_PERSON');
});

test('somebody of another shop, or nobody at all, is not named', async () => {
  const oskar = await server.as('oskar');
  for (const id of [uuid(), 'x']) {
    const { body } = await oskar.get('/api/today').set(PERSON_HEADER, id).expect(409);
    expect(body.error.message).toMatch(/^This is another person’s/);
  }
});

test('a page of the former version says not whose its write is: it is told to reload and keeps it; a program is taken', async () => {
  const ilta = await server.as('ilta');
  const address = `/api/jobs/${OPEN_JOB}/stages/${uuid()}`;
  const { body } = await ilta.put(address).set(fromPage).send(LEAK).expect(503);
  expect(body.error).toMatchObject({ code: 'OLD_PAGE', message: expect.stringContaining('reload') });
  await ilta.get('/api/today').set(fromPage).expect(200);
  // The same bytes as the former page sent, now with the person: one entry, however often.
  const answers = [];
  for (let i = 0; i < 2; i++)
    answers.push(
      (
        await ilta
          .put(address)
          .set({ ...fromPage, [PERSON_HEADER]: ILTA, [CLOCK_HEADER]: LEAK.deviceTime })
          .send(LEAK)
          .expect(200)
      ).body,
    );
  expect(answers[1]).toEqual(answers[0]);
  await ilta.put(address).send(LEAK).expect(200);
});

test('what somebody who has left had kept is brought by a lead alone, and the entry says whose words it holds', async () => {
  const [maren, oskar] = [await server.as('maren'), await server.as('oskar')];
  const address = `/api/jobs/${OPEN_JOB}/stages/${uuid()}`;
  const still = await maren.put(address).set(BEHALF_HEADER, ILTA).send(LEAK).expect(400);
  expect(still.body.error).toMatchObject({ field: BEHALF_HEADER, message: expect.stringContaining('left this shop') });
  await maren.post(`/api/people/${ILTA}/left`).send({ left: true }).expect(200);
  await oskar.put(address).set(BEHALF_HEADER, ILTA).send(LEAK).expect(403);
  await maren.put(address).set(BEHALF_HEADER, ILTA).send(LEAK).expect(200);
  const { body } = await maren.get(`/api/jobs/${OPEN_JOB}`).expect(200);
  const last = (body as JobView).stages.entries.at(-1);
  expect(last && readJobLink(last)).toMatchObject({ person: { name: 'Maren Ito-Dahl' }, onBehalfOf: ILTA, values: { text: 'warm' } });
  await maren.post(`/api/people/${ILTA}/left`).send({ left: false }).expect(200);
});
