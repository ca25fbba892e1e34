import { TEMPLATE_CIRCUITS } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { openJob } from '../../testing/jobs';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const jobOf = async (job: string) => (await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body;
const put = async (address: string, body: object) => (await server.as('ilta')).put(address).send(body);
const keep = (job: string, order: readonly string[], rest: object = {}) =>
  put(`/api/jobs/${job}/entries/${uuid()}`, { kind: 'order-kept', values: { order, ...rest } });

/** A job with both ends of a drier planned on its drawing. */
async function jobWithDrier() {
  const job = await openJob(server);
  const { circuitId } = await jobOf(job);
  expect((await put(`/api/circuits/${circuitId}/drawings/${uuid()}`, TEMPLATE_CIRCUITS.split)).status).toBe(200);
  const joints = [uuid(), uuid()];
  const ends = [
    { part: 'drier', from: 'liquid-valve', to: 'drier' },
    { part: 'drier', from: 'drier', to: 'expansion' },
  ];
  for (const [i, id] of joints.entries())
    expect((await put(`/api/jobs/${job}/joints/${id}`, { title: `end ${i}`, at: ends[i] })).status).toBe(200);
  return { job, joints };
}
const idsOf = async (job: string) => ((await jobOf(job)).order as { id: string }[]).map(({ id }) => id);

test('an order that was kept is the job’s, says by whom, and a joint that is added later comes last', async () => {
  const { job, joints } = await jobWithDrier();
  const turned = [...joints].reverse();
  expect((await keep(job, turned)).status).toBe(200);
  expect(await idsOf(job)).toEqual(turned);
  expect((await jobOf(job)).keptOrder).toMatchObject({ order: turned, by: 'Ilta Varro' });
  const late = uuid();
  await put(`/api/jobs/${job}/joints/${late}`, { title: 'one more' });
  expect(await idsOf(job)).toEqual([...turned, late]);
});

test('an order that leaves a joint out, or names one of elsewhere, is refused by its field', async () => {
  const { job, joints } = await jobWithDrier();
  for (const order of [joints.slice(1), [...joints, uuid()]]) {
    const { status, body } = await keep(job, order);
    expect([status, body.error.field]).toEqual([400, 'values.order']);
  }
});

test('one that breaks a rule is kept with its reason alone', async () => {
  const { job, joints } = await jobWithDrier();
  const bench = { stage: 'decide', kind: 'joining', deviceTime: new Date().toISOString(), photos: [] };
  // The way was decided so: all that is at the drier is made on the bench.
  expect(
    (await put(`/api/jobs/${job}/stages/${uuid()}`, { ...bench, values: { place: 'drier', method: 'bench', why: 'the wall' } })).status,
  ).toBe(200);
  const extra = uuid();
  await put(`/api/jobs/${job}/joints/${extra}`, { title: 'the valve', at: { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' } });
  const wrong = [extra, ...joints];
  const refused = await keep(job, wrong);
  expect([refused.status, refused.body.error.field]).toEqual([400, 'values.reason']);
  expect(refused.body.error.message).toMatch(/made on the bench/);
  expect((await keep(job, wrong, { reason: 'the drier comes tomorrow' })).status).toBe(200);
  expect(await idsOf(job)).toEqual(wrong);
});
