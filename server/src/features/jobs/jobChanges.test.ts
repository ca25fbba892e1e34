import { readJobLink, type JobLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { openJob } from '../../testing/jobs';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const jobOf = async (job: string) => (await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body;
const change = async (job: string, body: object, id = uuid()) => (await server.as('ilta')).put(`/api/jobs/${job}/entries/${id}`).send(body);
async function addJoint(job: string): Promise<string> {
  const id = uuid();
  await (await server.as('ilta')).put(`/api/jobs/${job}/joints/${id}`).send({ title: 'tube into the drier' }).expect(200);
  return id;
}
const removed = (joint: string) => ({ kind: 'joint-removed', values: { joint, why: 'the drier is soldered, not brazed' } });

describe('a joint that no flame touched', () => {
  test('is taken off its job, which says so in its chain; its tag is not used again', async () => {
    const job = await openJob(server);
    const joint = await addJoint(job);
    const { order } = await jobOf(job);
    const id = uuid();
    const { status, body } = await change(job, removed(joint), id);
    expect(status).toBe(200);
    expect(body.order).toEqual([]);
    expect((await change(job, removed(joint), id)).status).toBe(200);
    const links = (await jobOf(job)).stages.entries as JobLink[];
    expect(links.map(readJobLink).map(({ kind }) => kind)).toEqual(['joint-added', 'joint-removed']);
    const again = await addJoint(job);
    const after = (await jobOf(job)).order;
    expect(after).toMatchObject([{ id: again }]);
    expect(after[0].tag).not.toBe(order[0].tag);
    await (await server.as('bo')).get(`/api/joints/${joint}`).expect(404);
  });

  test('of another job, or one that was taken off before, is none of this job', async () => {
    const [job, other] = [await openJob(server), await openJob(server)];
    const joint = await addJoint(other);
    const { status, body } = await change(job, removed(joint));
    expect([status, body.error.field]).toEqual([400, 'values.joint']);
    expect((await change(other, removed(joint))).status).toBe(200);
    expect((await change(other, removed(joint))).status).toBe(400);
  });
});

test('a job is put on the other circuit only as long as nothing stands on the first, and only on one of its machine', async () => {
  const job = await openJob(server);
  const { circuitId } = await jobOf(job);
  const strange = await change(job, { kind: 'circuit-changed', values: { to: uuid() } });
  expect([strange.status, strange.body.error.field]).toEqual([400, 'values.to']);
  expect((await change(job, { kind: 'circuit-changed', values: { to: circuitId } })).status).toBe(200);
  await addJoint(job);
  const late = await change(job, { kind: 'circuit-changed', values: { to: circuitId } });
  expect([late.status, late.body.error.code]).toEqual([409, 'GATE']);
});
