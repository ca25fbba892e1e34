import { v7 as uuid } from 'uuid';
import { planBody } from '../../testing/examples';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';

const JOB = '0193a000-0000-7000-8000-000000000041';
const SUM = {
  kind: 'sum',
  values: {
    calculator: 'purge',
    given: [{ label: 'bore of the tube', text: '19.94 mm' }],
    answers: [{ label: 'flood', text: '1:58 min' }],
    note: 'liquid line',
  },
};
const OWN_ROD = { kind: 'schools', values: { schools: { houseRod: 'silver-15' }, reason: 'the owner’s standard' } };

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const noteIn = async (login: string, body: object, id = uuid(), job = JOB) =>
  (await server.as(login)).put(`/api/jobs/${job}/entries/${id}`).send(body);
const jobFor = async (login: string) => (await (await server.as(login)).get(`/api/jobs/${JOB}`).expect(200)).body;

describe('a sum from the bench', () => {
  test('stands in the job with who kept it and when, in the words it was made in', async () => {
    const id = uuid();
    expect((await noteIn('ilta', SUM, id)).status).toBe(200);
    const sum = (await jobFor('maren')).sums.at(-1);
    expect(sum).toMatchObject({ id, by: 'Ilta Varro', ...SUM.values });
    expect(Date.parse(sum.at)).not.toBeNaN();
  });

  test('sent twice is kept once; other content under the same id is refused', async () => {
    const id = uuid();
    const count = async () => (await jobFor('ilta')).sums.length;
    const before = await count();
    await noteIn('ilta', SUM, id);
    await noteIn('ilta', SUM, id);
    expect(await count()).toBe(before + 1);
    const other = await noteIn('ilta', { ...SUM, values: { ...SUM.values, calculator: 'reach' } }, id);
    expect(other.status).toBe(409);
    expect(await count()).toBe(before + 1);
  });

  test('an inspector may read it and not add one; a job that is not there is said to be so', async () => {
    expect((await noteIn('bo', SUM)).status).toBe(403);
    const gone = await noteIn('ilta', SUM, uuid(), uuid());
    expect(gone.status).toBe(404);
  });

  test('without its answers it is refused, naming what is missing', async () => {
    const { answers: _answers, ...rest } = SUM.values;
    const refused = await noteIn('ilta', { kind: 'sum', values: rest });
    expect(refused.status).toBe(400);
    expect(refused.body.error.field).toBe('values.answers');
  });
});

describe('a job made otherwise than the shop does it', () => {
  test('needs a reason; with one its joints are planned by it, and need none of their own', async () => {
    const without = await noteIn('ilta', { kind: 'schools', values: { schools: { houseRod: 'silver-15' } } });
    expect(without.status).toBe(400);
    expect(without.body.error.field).toBe('values.reason');
    expect((await noteIn('ilta', OWN_ROD)).status).toBe(200);
    expect((await jobFor('ilta')).schools).toMatchObject({ ...OWN_ROD.values, by: 'Ilta Varro' });

    const ilta = await server.as('ilta');
    const joint = uuid();
    await ilta.put(`/api/jobs/${JOB}/joints/${joint}`).send({ title: 'By the job’s school' }).expect(200);
    expect((await ilta.get(`/api/joints/${joint}`).expect(200)).body.job.schools.reason).toBe('the owner’s standard');
    const plan = (houseRod: string) => ({ ...planBody(), request: { ...planBody().request, schools: { houseRod } } });
    await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(plan('silver-15')).expect(200);
    const differs = await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(plan('silver-free')).expect(400);
    expect(differs.body.error.field).toBe('reason');
  });

  test('the last answer counts, and an empty one goes back to the shop’s', async () => {
    await noteIn('ilta', OWN_ROD);
    await noteIn('ilta', { kind: 'schools', values: { schools: {} } });
    expect((await jobFor('ilta')).schools).toBeNull();
  });

  test('a school nobody knows is refused by name', async () => {
    const refused = await noteIn('ilta', { kind: 'schools', values: { schools: { houseRod: 'gold' }, reason: 'x' } });
    expect(refused.body.error.field).toBe('values.schools.houseRod');
  });
});

test('another shop sees neither the job nor its notes', async () => {
  await addOtherShop(server.store, [{ login: 'nora', role: 'technician' }]);
  const nora = await server.as('nora');
  await nora.get(`/api/jobs/${JOB}`).expect(404);
  await nora.put(`/api/jobs/${JOB}/entries/${uuid()}`).send(SUM).expect(404);
});

test('joints added at the same instant each get a tag of their own', async () => {
  const ilta = await server.as('ilta');
  const put = (n: number) => ilta.put(`/api/jobs/${JOB}/joints/${uuid()}`).send({ title: `At once ${n}` });
  const answers = await Promise.all([1, 2, 3, 4, 5, 6].map(put));
  expect(answers.map((a) => a.status)).toEqual([200, 200, 200, 200, 200, 200]);
  const tags = answers.map((a) => a.body.tag as string);
  expect(new Set(tags).size).toBe(6);
});

test('the same job opened twice at the same instant is one job, and nobody is told of a failure', async () => {
  const ilta = await server.as('ilta');
  const circuitId = (await jobFor('ilta')).circuit.id;
  const id = uuid();
  const open = () => ilta.put(`/api/jobs/${id}`).send({ circuitId, title: 'Opened twice' });
  const answers = await Promise.all([open(), open(), open()]);
  expect(answers.map((a) => a.status)).toEqual([200, 200, 200]);
  expect(new Set(answers.map((a) => a.body.number)).size).toBe(1);
});

test('today lists the job without its notes, the job with them', async () => {
  await noteIn('ilta', SUM);
  const today = (await (await server.as('ilta')).get('/api/today').expect(200)).body;
  const listed = today.jobs.find((job: { id: string }) => job.id === JOB);
  expect(listed.title).toBe('suction valve leaks');
  expect(listed.sums).toBeUndefined();
  expect((await jobFor('ilta')).sums.length).toBeGreaterThan(0);
});

test('jobs opened at the same instant each get a number of their own', async () => {
  const ilta = await server.as('ilta');
  const circuitId = (await jobFor('ilta')).circuit.id;
  const open = (n: number) => ilta.put(`/api/jobs/${uuid()}`).send({ circuitId, title: `Opened ${n}` });
  const answers = await Promise.all([1, 2, 3, 4].map(open));
  expect(new Set(answers.map((a) => a.body.number)).size).toBe(4);
});

test('what a phone called a joint without a signal is told beside its tag, and finds it; two phones that gave one number made two joints', async () => {
  const add = async (login: string, calledAs: string) =>
    (await (await server.as(login)).put(`/api/jobs/${JOB}/joints/${uuid()}`).send({ title: 'by the wall', calledAs }).expect(200)).body;
  const [hers, his] = [await add('ilta', 'CR2-12a'), await add('oskar', 'CR2-12b')];
  expect([hers.calledAs, his.calledAs]).toEqual(['CR2-12a', 'CR2-12b']);
  expect(hers.tag).not.toBe(his.tag);
  const bo = await server.as('bo');
  for (const typed of ['CR2-12b', 'cr2-12B', his.tag])
    expect((await bo.get(`/api/find/${typed}`).expect(200)).body).toMatchObject({ id: his.id, tag: his.tag, calledAs: 'CR2-12b' });
  expect((await bo.get('/api/search/cr2-12b').expect(200)).body.joints).toMatchObject([{ id: his.id }]);
  expect((await jobFor('bo')).order.find(({ id }: { id: string }) => id === hers.id)).toMatchObject({ calledAs: 'CR2-12a' });
});

test.each(['CR2-12', 'CR2-12abc', 'x', 'cr2-12a'])('%s is no provisional tag', async (calledAs) => {
  const answer = await (await server.as('ilta')).put(`/api/jobs/${JOB}/joints/${uuid()}`).send({ title: 'x', calledAs }).expect(400);
  expect(answer.body.error.field).toBe('calledAs');
});
