import { headOf, readEntry, type JointLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import type { Agent } from 'supertest';
import { brazedBody, lookBody, OPEN_JOB, planBody } from '../../testing/examples';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
let ilta: Agent;
let oskar: Agent;
let maren: Agent;
let now = new Date('2026-11-24T12:00:00.000Z');
beforeAll(async () => {
  server = await rulesServer({ clock: () => now });
  [ilta, oskar, maren] = [await server.as('ilta'), await server.as('oskar'), await server.as('maren')];
});
afterAll(() => server.close());

const entry = (joint: string, body: object, who: Agent = ilta, id = uuid()) => who.put(`/api/joints/${joint}/entries/${id}`).send(body);
const note = (kind: string) => ({ kind, deviceTime: '2026-11-24T11:00:00.000Z', values: { note: '' }, photos: [] });
/** The head of a joint's chain, as a device has it. */
const seen = async (joint: string) => [
  headOf('joint', joint, (await ilta.get(`/api/joints/${joint}`).expect(200)).body.entries as JointLink[]),
];
const accept = note('accepted');
const sendBack = { ...note('sent-back'), values: { why: 'ring open at the back' } };

async function plannedJoint(): Promise<string> {
  const joint = uuid();
  await ilta.put(`/api/jobs/${OPEN_JOB}/joints/${joint}`).send({ title: 'Checked joint' }).expect(200);
  await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(planBody()).expect(200);
  return joint;
}
async function brazedJoint(who: Agent = ilta): Promise<{ joint: string; braze: string }> {
  const [joint, braze] = [await plannedJoint(), uuid()];
  await entry(joint, brazedBody(), who, braze).expect(200);
  return { joint, braze };
}

describe('judging', () => {
  test('nobody who ever brazed or reworked a joint judges it, whoever worked on it since', async () => {
    const { joint } = await brazedJoint(maren);
    await entry(joint, lookBody('rework', ['sunk'])).expect(200);
    await entry(joint, { ...brazedBody(), kind: 'reworked' }, oskar).expect(200);
    await entry(joint, lookBody()).expect(200);
    expect((await entry(joint, accept, maren).expect(403)).body.error.message).toContain('reworked');
    expect((await entry(joint, sendBack, maren).expect(403)).body.error.code).toBe('FORBIDDEN');
  });

  test('a look cannot pass with a finding that cannot', async () => {
    const { joint } = await brazedJoint();
    expect((await entry(joint, lookBody('pass', ['crack'])).expect(400)).body.error.field).toBe('values.result');
  });

  test('after acceptance only what may follow follows; a joint that is cut out takes corrections alone', async () => {
    const { joint, braze } = await brazedJoint();
    await entry(joint, lookBody()).expect(200);
    await entry(joint, accept, maren).expect(200);
    await entry(joint, { ...note('prepared'), seen: await seen(joint) }).expect(409);
    await entry(joint, note('soaped')).expect(200);
    await entry(joint, note('cut-out')).expect(200);
    expect((await entry(joint, { ...note('soaped'), seen: await seen(joint) }).expect(409)).body.error.code).toBe('OUT_OF_ORDER');
    await entry(joint, { ...note('corrected'), values: { rodMm: 41 }, corrects: { entry: braze, why: 'stub measured' } }).expect(200);
  });
});

describe('a correction', () => {
  const correcting = (of: string, values: object) => ({ ...note('corrected'), values, corrects: { entry: of, why: 'typed wrongly' } });

  test.each([
    ['a value no such entry has', { approved: true }, 'values.approved'],
    ['letters for a number', { depthMm: 'NaN' }, 'values.depthMm'],
    ['a filler of no table', { filler: 'Solder' }, 'values.filler'],
  ])('%s is refused, naming the field', async (_what, values, field) => {
    const { joint, braze } = await brazedJoint();
    expect((await entry(joint, correcting(braze, values)).expect(400)).body.error.field).toBe(field);
  });

  test('is made by its author or a lead; an acceptance is corrected by whoever may judge', async () => {
    const { joint, braze } = await brazedJoint();
    expect((await entry(joint, correcting(braze, { rodMm: 41 }), oskar).expect(403)).body.error.message).toContain('Ilta Varro');
    await entry(joint, correcting(braze, { rodMm: 41 }), maren).expect(200);
    await entry(joint, lookBody()).expect(200);
    const acceptance = uuid();
    await entry(joint, accept, maren, acceptance).expect(200);
    await entry(joint, correcting(acceptance, { note: 'not so' }), ilta).expect(403);
    await entry(joint, correcting(acceptance, { note: 'seen by mirror' }), maren).expect(200);
  });

  test('does not change the result of a look, nor a frozen plan', async () => {
    const { joint } = await brazedJoint();
    const look = uuid();
    await entry(joint, lookBody(), ilta, look).expect(200);
    expect((await entry(joint, correcting(look, { result: 'rework' })).expect(400)).body.error.message).toContain('look again');
    const { body } = await ilta.get(`/api/joints/${joint}`).expect(200);
    await entry(joint, correcting(body.entries[0].content.said.id, { chosen: 'BCuP-2' })).expect(400);
  });

  test('of a correction is one of the entry behind it', async () => {
    const { joint, braze } = await brazedJoint();
    const first = uuid();
    await entry(joint, correcting(braze, { rodMm: 41 }), ilta, first).expect(200);
    await entry(joint, correcting(first, { note: 'x', rodMm: 42 })).expect(200);
    await entry(joint, correcting(first, { why: 'x' })).expect(400);
  });

  test('with more than fits a record is refused, not stored', async () => {
    const { joint, braze } = await brazedJoint();
    expect((await entry(joint, correcting(braze, { note: 'x'.repeat(20_000) })).expect(413)).body.error.field).toBe('values');
    await entry(joint, correcting(braze, Object.fromEntries(Array.from({ length: 5000 }, (_v, i) => [`k${i}`, i])))).expect(400);
  });
});

describe('times', () => {
  test.each([
    ['in the year 0', '0000-01-01T00:00:00.000Z'],
    ['on 31 February', '2026-02-31T10:00:00.000Z'],
    ['without a zone', '2026-11-24T10:00:00'],
    ['in another zone', '2026-11-24T10:00:00+02:00'],
  ])('%s are refused', async (_what, deviceTime) => {
    const joint = await plannedJoint();
    expect((await entry(joint, { ...brazedBody(), deviceTime }).expect(400)).body.error.field).toBe('deviceTime');
  });

  test.each(['9999-01-01T00:00:00.000Z', '2029-11-25T12:00:01.000Z', '2020-01-01T00:00:00.000Z'])(
    'a clock that says %s is no reason to refuse: both times stand',
    async (deviceTime) => {
      const { body } = await entry(await plannedJoint(), { ...brazedBody(), deviceTime }).expect(200);
      expect(readEntry(body as JointLink)).toMatchObject({ deviceTime, serverTime: now.toISOString() });
    },
  );

  test('the server’s time never runs backwards within a chain', async () => {
    const { joint } = await brazedJoint();
    const before = now;
    now = new Date(before.getTime() - 3_600_000);
    const { body } = await entry(joint, lookBody()).expect(200);
    now = before;
    expect(body.content.at.server).toBe(before.toISOString());
  });
});

describe('ids', () => {
  test('are one whatever their case: an entry sent again in capitals is that entry', async () => {
    const joint = await plannedJoint();
    const id = uuid();
    const first = await entry(joint, brazedBody(), ilta, id).expect(200);
    const again = await entry(joint.toUpperCase(), brazedBody(), ilta, id.toUpperCase()).expect(200);
    expect(again.body).toEqual(first.body);
  });

  test('the same new id at once on two joints is one entry and one conflict, never a failure', async () => {
    const joints = [await plannedJoint(), await plannedJoint()];
    for (let race = 0; race < 6; race++) {
      const id = uuid();
      const answers = await Promise.all(
        joints.map((joint) => entry(joint, { ...note('prepared'), values: { note: `${race}` } }, ilta, id)),
      );
      expect(answers.map((a) => a.status).sort()).toEqual([200, 409]);
    }
  });
});

test('a filler that no table knows is not what a joint was brazed with', async () => {
  const joint = await plannedJoint();
  const { body } = await entry(joint, brazedBody({ filler: 'whatever was there' })).expect(400);
  expect(body.error).toMatchObject({ field: 'values.filler', message: expect.stringContaining('BAg-36') });
});
