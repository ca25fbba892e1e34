import { v7 as uuid } from 'uuid';
import { decidedJob } from '../../testing/jobs';
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
test('a lead signs in for one overruling on a technician’s phone: it is the lead’s, names whose phone it was, and the session stays', async () => {
  const job = await decidedJob(server);
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
  const job = await decidedJob(server);
  const answer = await overrule(job, signIn);
  expect([answer.status, answer.body.error.field]).toEqual([status, field]);
  expect(JSON.stringify((await jobOf(job)).stages.entries)).not.toContain('overruled');
});
