import { v7 as uuid } from 'uuid';
import { openJob } from '../../testing/jobs';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
  await addOtherShop(server.store, [{ login: 'otto', role: 'admin' }]);
});
afterAll(() => server.close());

const AT = new Date().toISOString();
const PASSWORD = 'copper-before-filler';
const jobOf = async (id: string) => (await (await server.as('bo')).get(`/api/jobs/${id}`).expect(200)).body;
const overrule = async (job: string, signIn: object, id = uuid()) =>
  (await server.as('ilta')).put(`/api/jobs/${job}/overrulings/${id}`).send({
    ...{ signIn, stage: 'make-safe', deviceTime: AT },
    values: { gate: 'torch', points: ['sprinklers'], reason: 'none within ten metres' },
  });
/** A job whose torch is the only thing left. */
async function decidedJob(): Promise<string> {
  const job = await openJob(server);
  const note = async (stage: string, kind: string, values: object) =>
    (await server.as('ilta'))
      .put(`/api/jobs/${job}/stages/${uuid()}`)
      .send({ stage, kind, values, deviceTime: new Date().toISOString(), photos: [] })
      .expect(200);
  await note('find', 'skipped', { reason: 'known' });
  await note('decide', 'approval', { by: 'the station', how: 'phone', for: 'all of it' });
  await note('decide', 'done', {});
  return job;
}

test('a lead signs in for one overruling on a technician’s phone: it is the lead’s, names whose phone it was, and the session stays', async () => {
  const job = await decidedJob();
  const id = uuid();
  const first = await overrule(job, { login: 'maren', password: PASSWORD }, id);
  expect(first.status).toBe(200);
  expect((await overrule(job, { login: 'maren', password: PASSWORD }, id)).status).toBe(200);
  const entries = (await jobOf(job)).stages.entries as { content: { said: { kind: string }; author: { name: unknown } } }[];
  expect(entries.filter(({ content }) => content.said.kind === 'overruled')).toHaveLength(1);
  expect(JSON.stringify(entries.at(-1))).toContain('Maren Ito-Dahl');
  expect(JSON.stringify(entries.at(-1))).toContain('Ilta Varro');
  expect((await (await server.as('ilta')).get('/api/session').expect(200)).body.person.name).toBe('Ilta Varro');
});

test.each([
  ['a wrong password', { login: 'maren', password: 'copper-after-filler' }, 400, 'password'],
  ['somebody who is no lead', { login: 'oskar', password: PASSWORD }, 403, 'login'],
  ['the admin of another shop', { login: 'otto', password: PASSWORD }, 400, 'password'],
])('%s overrules nothing', async (_who, signIn, status, field) => {
  const job = await decidedJob();
  const answer = await overrule(job, signIn);
  expect([answer.status, answer.body.error.field]).toEqual([status, field]);
  expect(JSON.stringify((await jobOf(job)).stages.entries)).not.toContain('overruled');
});
