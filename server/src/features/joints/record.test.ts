import { ENGINE_VERSION, headOf, outOfTurn, readChain, readEntry, verifyRecord, type JointLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import type { Agent } from 'supertest';
import { brazedBody, FINISHED_JOINT, lookBody, planBody, UNPLANNED_JOINT } from '../../testing/examples';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
let ilta: Agent;
let maren: Agent;
beforeAll(async () => {
  server = await rulesServer();
  ilta = await server.as('ilta');
  maren = await server.as('maren');
});
afterAll(() => server.close());

/** A joint of its own for each test, so that none waits for another. */
async function newJoint(): Promise<string> {
  const id = uuid();
  await ilta.put(`/api/jobs/0193a000-0000-7000-8000-000000000041/joints/${id}`).send({ title: 'Test joint' }).expect(200);
  return id;
}
const plan = (joint: string, body: object = planBody(), id = uuid()) => ilta.put(`/api/joints/${joint}/plans/${id}`).send(body);
const entry = (joint: string, body: object, id = uuid(), who: Agent = ilta) => who.put(`/api/joints/${joint}/entries/${id}`).send(body);
const stateOf = async (joint: string) =>
  (await ilta.get(`/api/joints/${joint}`).expect(200)).body as { state: string; entries: JointLink[] };

describe('a plan', () => {
  test('is worked out again on the server and stored with its engine', async () => {
    const joint = await newJoint();
    const { body } = await plan(joint, planBody()).expect(200);
    expect(body.answer.flux).toMatchObject({ required: true, class: 'FB3-A' });
    expect(body.engineDiffers).toBe(false);
  });

  test('from another engine version is stored as this one says, and the difference is told', async () => {
    const joint = await newJoint();
    const { body } = await plan(joint, { ...planBody(), engineVersion: '0.9.0' }).expect(200);
    expect(body).toMatchObject({ engineDiffers: true, engineVersion: ENGINE_VERSION });
  });

  test('sent twice changes nothing and answers the same; other content under its id is a conflict', async () => {
    const joint = await newJoint();
    const id = uuid();
    const first = await plan(joint, planBody(), id).expect(200);
    const again = await plan(joint, planBody(), id).expect(200);
    expect(again.body).toEqual(first.body);
    const { body } = await plan(joint, planBody('BCuP-2', { reason: 'no silver rod left' }), id).expect(409);
    expect(body.error.code).toBe('CONFLICT');
  });

  test('is made anew on the spot before the torch, with another rod; the first one stands in the record, and the passport has the new', async () => {
    const joint = await newJoint();
    const {
      request,
      reason,
      engineVersion: _engine,
      ...rest
    } = planBody('BCuP-2', { reason: 'no silver rod left' }) as Record<string, unknown>;
    await plan(joint, planBody()).expect(200);
    const id = uuid();
    const anew = { kind: 'planned-anew', deviceTime: new Date().toISOString(), photos: [], values: { request, reason, ...rest } };
    await entry(joint, anew, id).expect(200);
    await entry(joint, anew, id).expect(200);
    const { body } = await ilta.get(`/api/joints/${joint}`).expect(200);
    expect(body.plan).toMatchObject({ id, chosen: 'BCuP-2', reason: 'no silver rod left' });
    expect(readChain(body.entries as JointLink[]).map(({ kind }) => kind)).toEqual(['planned', 'planned-anew']);
    expect(verifyRecord((await ilta.get(`/api/joints/${joint}/record.json`).expect(200)).body).ok).toBe(true);
    await entry(joint, { kind: 'lit', deviceTime: new Date().toISOString(), photos: [], values: { filler: 'BCuP-2' } }).expect(200);
    const late = await entry(joint, { ...anew, deviceTime: new Date().toISOString() });
    expect([late.status, late.body.error.code]).toEqual([409, 'OUT_OF_ORDER']);
  });

  test('against advice needs a reason, and keeps it', async () => {
    const joint = await newJoint();
    const { body } = await plan(joint, planBody('BCuP-2')).expect(400);
    expect(body.error).toMatchObject({ field: 'reason' });
    const kept = await plan(joint, planBody('BCuP-2', { reason: 'no silver rod left' })).expect(200);
    expect(kept.body.reason).toBe('no silver rod left');
  });

  test('with a forbidden filler is refused, naming the field', async () => {
    const joint = await newJoint();
    const steel = {
      ...planBody().request,
      joint: { ...planBody().request.joint, female: { ...planBody().request.joint.female, metal: 'carbon-steel' as const } },
    };
    const { body } = await plan(joint, planBody('BCuP-2', { request: steel, reason: 'x' })).expect(400);
    expect(body.error.field).toBe('request.choose');
  });

  test.each([
    ['letters in a size', { od: { value: 'seven', unit: 'in' } }, 'request.joint.male.od'],
    ['a negative size', { od: { value: -1, unit: 'in' } }, 'request.joint.male.od'],
    ['a tube larger than its socket', { od: { value: 25, unit: 'mm' } }, 'request.joint.female.bore'],
    ['a metal the engine does not know', { metal: 'tin' }, 'request.joint.male.metal'],
  ])('%s is refused, naming the field', async (_what, male, field) => {
    const joint = await newJoint();
    const request = planBody().request;
    const bad = { ...request, joint: { ...request.joint, male: { ...request.joint.male, ...male } } };
    const { body } = await plan(joint, { ...planBody(), request: bad }).expect(400);
    expect(body.error.field).toBe(field);
    expect(body.error.requestId).not.toBe('');
  });

  test('an unknown filler is refused with those that are known', async () => {
    const joint = await newJoint();
    const { body } = await plan(joint, planBody('BAg-99')).expect(400);
    expect(body.error.message).toContain('BAg-36');
  });
});

describe('a record', () => {
  test('begins with the plan frozen, and the plan cannot change after', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    await entry(joint, brazedBody()).expect(200);
    const { entries, state } = await stateOf(joint);
    expect(entries.map((link) => readEntry(link).kind)).toEqual(['planned', 'brazed']);
    expect(state).toBe('brazed');
    const { body } = await plan(joint).expect(409);
    expect(body.error.code).toBe('FROZEN');
  });

  test('cannot begin without a plan', async () => {
    const { body } = await entry(await newJoint(), brazedBody()).expect(409);
    expect(body.error.code).toBe('NOT_PLANNED');
  });

  test('an entry sent again is one entry; other content under its id is a conflict', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const id = uuid();
    const first = await entry(joint, brazedBody(), id).expect(200);
    const again = await entry(joint, brazedBody(), id).expect(200);
    expect(again.body).toEqual(first.body);
    expect((await stateOf(joint)).entries).toHaveLength(2);
    await entry(joint, brazedBody({ rodMm: 99 }), id).expect(409);
  });

  test('twelve of the same entry at once are still one', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const id = uuid();
    const answers = await Promise.all(Array.from({ length: 12 }, () => entry(joint, brazedBody(), id)));
    expect(answers.map((a) => a.status)).toEqual(Array.from({ length: 12 }, () => 200));
    expect((await stateOf(joint)).entries).toHaveLength(2);
  });

  test('goes in its order: no look before the braze, no acceptance before the look', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const early = { ...lookBody(), seen: [headOf('joint', joint, [])] };
    expect((await entry(joint, early).expect(409)).body.error.code).toBe('OUT_OF_ORDER');
    await entry(joint, brazedBody()).expect(200);
    const accept = { kind: 'accepted', deviceTime: '2026-11-24T11:00:00.000Z', values: { note: '' }, photos: [] };
    await entry(joint, accept, uuid(), maren).expect(409);
    await entry(joint, lookBody()).expect(200);
    await entry(joint, accept, uuid(), maren).expect(200);
    expect((await stateOf(joint)).state).toBe('accepted');
  });

  test('keeps what happened elsewhere, whenever it comes: two flames of two phones both stand, and the second moves nothing', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const knew = [headOf('joint', joint, [])];
    await entry(joint, { ...brazedBody(), seen: knew }).expect(200);
    await entry(joint, lookBody()).expect(200);
    const second = await entry(joint, { ...brazedBody({ rodMm: 55 }), seen: knew }, uuid(), maren).expect(200);
    const { entries, state } = await stateOf(joint);
    expect(state).toBe('passed');
    expect(outOfTurn(entries.map(readEntry))).toMatchObject([
      { id: second.body.content.said.id, kind: 'brazed', person: { name: 'Maren Ito-Dahl' } },
    ]);
    const strike = { kind: 'struck-out', deviceTime: '2026-11-24T12:00:00.000Z', values: {}, photos: [] };
    const why = { entry: second.body.content.said.id, why: 'the joint beside it' };
    await entry(joint, { ...strike, corrects: why }).expect(403);
    await entry(joint, { ...strike, corrects: why }, uuid(), maren).expect(200);
    expect(outOfTurn(readChain((await stateOf(joint)).entries))).toEqual([]);
  });

  test('names the approval that counted and how the torch stood, when it was lit', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const { body } = await entry(joint, brazedBody()).expect(200);
    expect(body.content.worked.values).toEqual({ torch: 'open', approval: { scope: 'silver', validUntil: expect.stringMatching(/^20/) } });
  });

  test('a flame that was kept when it was lit stands; what went in is judged by its own approval', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const lit = { kind: 'lit', deviceTime: '2026-11-24T10:00:00.000Z', values: { filler: 'BAg-36' }, photos: [] };
    const first = await entry(joint, lit).expect(200);
    expect(first.body.content.worked.values).toMatchObject({ torch: 'open', approval: { scope: 'silver' } });
    const { body } = await entry(joint, brazedBody({ filler: 'BCuP-5', reason: 'the silver ran out' })).expect(200);
    expect(body.content.worked.values.torch).toBe('open');
    expect(body.content.worked.values.approval?.scope).not.toBe('silver');
    expect((await stateOf(joint)).state).toBe('brazed');
  });

  test('is accepted by a lead, never by a technician, never by whoever brazed it', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    await entry(joint, brazedBody(), uuid(), maren).expect(200);
    await entry(joint, lookBody()).expect(200);
    const accept = { kind: 'accepted', deviceTime: '2026-11-24T11:00:00.000Z', values: { note: '' }, photos: [] };
    expect((await entry(joint, accept).expect(403)).body.error.code).toBe('FORBIDDEN');
    expect((await entry(joint, accept, uuid(), maren).expect(403)).body.error.message).toContain('brazed');
  });

  test('where the shop asks for another pair of eyes, the maker does not pass it, and somebody else does', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    await entry(joint, brazedBody()).expect(200);
    await maren.put('/api/schools').send({ secondLook: 'always' }).expect(200);
    const own = await entry(joint, lookBody());
    expect([own.status, own.body.error.field]).toEqual([400, 'values.result']);
    await entry(joint, lookBody(), uuid(), await server.as('oskar')).expect(200);
    await maren.put('/api/schools').send({}).expect(200);
  });

  test('a correction names what it corrects and leaves that as it was', async () => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const braze = uuid();
    await entry(joint, brazedBody(), braze).expect(200);
    const correction = { kind: 'corrected', deviceTime: '2026-11-24T12:00:00.000Z', values: { rodMm: 44 }, photos: [] };
    await entry(joint, correction).expect(400);
    await entry(joint, { ...correction, corrects: { entry: uuid(), why: 'typo' } }).expect(400);
    await entry(joint, { ...correction, corrects: { entry: braze, why: 'stub measured after' } }).expect(200);
    const { entries } = await stateOf(joint);
    expect(entries.map((link) => readEntry(link).kind)).toEqual(['planned', 'brazed', 'corrected']);
  });

  test.each([
    ['no rod', { rodMm: undefined }, 'values.rodMm'],
    ['a negative depth', { depthMm: -3 }, 'values.depthMm'],
    ['letters for seconds', { seconds: 'long' }, 'values.seconds'],
  ])('%s is refused, naming the field', async (_what, values, field) => {
    const joint = await newJoint();
    await plan(joint).expect(200);
    const { body } = await entry(joint, brazedBody(values)).expect(400);
    expect(body.error.field).toBe(field);
  });

  test('exports as a file that verifies with nothing else, and one altered letter names its entry', async () => {
    const { body } = await ilta.get(`/api/joints/${FINISHED_JOINT}/record.json`).expect(200);
    expect(verifyRecord(body)).toMatchObject({ ok: true, value: { intact: true, entries: 13 } });
    const forged = JSON.parse(JSON.stringify(body).replace('Flowed all round at once.', 'Flowed all round at onze.')) as unknown;
    expect(verifyRecord(forged)).toMatchObject({ ok: true, value: { intact: false, firstBroken: { joint: 'HS3-03', entry: 4 } } });
  });

  test('of a joint without entries has nothing to export, and says so', async () => {
    const { body } = await ilta.get(`/api/joints/${UNPLANNED_JOINT}/record.json`).expect(404);
    expect(body.error.message).toContain('record');
  });
});

describe('a joint that no flame makes', () => {
  const at = () => ({ deviceTime: new Date().toISOString(), photos: [] });
  const pressed = (rest: object = {}) => ({
    ...{ ...at(), kind: 'pressed' },
    values: { jaw: '3/8, to 2027-04', mark: true, witness: true, checks: ['square', 'depth-marked'], note: '', ...rest },
  });

  test('needs no plan: its record begins with the pressing, is looked at by another, and verifies', async () => {
    const joint = await newJoint();
    await entry(joint, pressed()).expect(200);
    expect((await stateOf(joint)).state).toBe('brazed');
    await entry(joint, lookBody('pass'), uuid(), maren).expect(200);
    expect((await stateOf(joint)).state).toBe('passed');
    expect(verifyRecord((await ilta.get(`/api/joints/${joint}/record.json`).expect(200)).body).ok).toBe(true);
  });

  test('with its mark moved is kept as it is, and cannot pass', async () => {
    const joint = await newJoint();
    await entry(joint, pressed({ mark: false })).expect(200);
    const look = await entry(joint, lookBody('pass'), uuid(), maren);
    expect([look.status, look.body.error.field]).toEqual([400, 'values.result']);
    expect(look.body.error.message).toContain('mark is not within 1 mm');
  });

  test('any other first entry still asks for a plan', async () => {
    const joint = await newJoint();
    const { body } = await entry(joint, { ...at(), kind: 'dry-fit', values: { gap: 'right' } }).expect(409);
    expect(body.error.code).toBe('NOT_PLANNED');
  });
});
