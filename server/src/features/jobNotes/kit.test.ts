import { v7 as uuid } from 'uuid';
import { openJob } from '../../testing/jobs';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const jobOf = async (job: string) => (await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body;
const note = async (job: string, kind: string, values: object) =>
  (await server.as('ilta')).put(`/api/jobs/${job}/entries/${uuid()}`).send({ kind, values });

test('the kit that was kept last is the job’s, by whom', async () => {
  const job = await openJob(server);
  expect((await jobOf(job)).kit).toBeNull();
  expect((await note(job, 'kit-kept', { packed: [], missing: ['nitrogen'] })).status).toBe(200);
  expect((await note(job, 'kit-kept', { packed: ['nitrogen'], missing: [] })).status).toBe(200);
  expect((await jobOf(job)).kit).toMatchObject({ packed: ['nitrogen'], missing: [], by: 'Ilta Varro' });
});

test('what came out and went back stands in its order; what is no such thing is refused by its field', async () => {
  const job = await openJob(server);
  await note(job, 'taken-out', { what: 'core', place: 'liquid-port', answer: 'done' });
  await note(job, 'put-back', { what: 'core', place: 'liquid-port' });
  expect((await jobOf(job)).takenOut).toMatchObject([
    { kind: 'taken-out', what: 'core', answer: 'done' },
    { kind: 'put-back', what: 'core', place: 'liquid-port' },
  ]);
  const { status, body } = await note(job, 'taken-out', { what: 'door', place: 'liquid-port', answer: 'done' });
  expect([status, body.error.field]).toEqual([400, 'values.what']);
});
