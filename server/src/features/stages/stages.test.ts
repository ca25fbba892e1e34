import { factsIn, firstBreakOf, type JobLink, type StageEntryKind } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { planBody } from '../../testing/examples';
import { addSplit, openJob } from '../../testing/jobs';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';
import { demoId } from '../demo';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
  await addOtherShop(server.store, [{ login: 'otto', role: 'admin' }]);
});
afterAll(() => server.close());

const newJob = () => openJob(server);
const note = async (job: string, [stage, kind, values]: readonly [string, StageEntryKind, object], { by = 'ilta', id = uuid() } = {}) =>
  (await server.as(by))
    .put(`/api/jobs/${job}/stages/${id}`)
    .send({ stage, kind, values, deviceTime: new Date().toISOString(), photos: [] });
const noted = async (job: string, entry: readonly [string, StageEntryKind, object], by = 'ilta') => {
  const { status, body } = await note(job, entry, { by });
  if (status !== 200) throw new Error(JSON.stringify(body));
};
const refused = async (job: string, entry: readonly [string, StageEntryKind, object], by = 'ilta') => {
  const { status, body } = await note(job, entry, { by });
  return { status, ...(body.error as { code: string; message: string; field?: string }) };
};
const jobOf = async (id: string) => (await (await server.as('bo')).get(`/api/jobs/${id}`).expect(200)).body;
const LEAK = ['find', 'checked-place', { place: 'liquid-port', method: 'soap', result: 'leak', gramsPerYear: 100 }] as const;
const LOSS = ['find', 'loss', { lostKg: 0.41, days: 61 }] as const;
const LOCKED = ['make-safe', 'locked-off', { keyHolder: 'Ilta Varro', dead: true }] as const;
const HOT = (point: string, rest: object = {}) => ['make-safe', 'hot-work', { point, answer: 'done', ...rest }] as const;
/** Everything up to the torch's own list. */
async function decidedJob(): Promise<string> {
  const job = await newJob();
  await noted(job, ['find', 'skipped', { reason: 'known' }]);
  await noted(job, ['decide', 'approval', { by: 'the station', how: 'phone', for: 'all of it' }]);
  await noted(job, ['decide', 'done', {}]);
  return job;
}

describe('a job’s own chain', () => {
  test('links follow each other; sent twice is one; other content under the same id is refused', async () => {
    const job = await newJob();
    const id = uuid();
    const complaint = ['find', 'complaint', { text: 'does not cool' }] as const;
    expect((await note(job, complaint, { id })).status).toBe(200);
    await noted(job, LOSS);
    expect((await note(job, ['find', 'complaint', { text: 'other' }], { id })).status).toBe(409);
    const entries = (await jobOf(job)).stages.entries as JobLink[];
    expect(factsIn(entries).map(({ kind }) => kind)).toEqual(['complaint', 'loss']);
    expect(firstBreakOf('job', entries)).toBeNull();
    const altered = entries.map((entry, i) => (i === 0 ? { ...entry, content: { ...entry.content, sequence: 2 } } : entry)) as JobLink[]; // cast: as altered
    expect(firstBreakOf('job', altered)).toEqual({ entry: 1, why: 'entry-altered' });
  });

  test('what does not belong to a stage or says nothing is refused at its field', async () => {
    const job = await newJob();
    expect(await refused(job, ['find', 'approval', { by: 'x', how: 'phone', for: 'y' }])).toMatchObject({ status: 400, field: 'kind' });
    expect(await refused(job, ['decide', 'also-opened', { what: 'drier', place: 'drier', choice: 'declined' }])).toMatchObject({
      ...{ status: 400, field: 'values.why' },
    });
    expect(await refused(job, ['find', 'sign', { place: 'Über', sign: 'oil' }])).toMatchObject({ status: 400, field: 'values.place' });
    expect(await refused(job, ['make-safe', 'recovered', { tareKg: 12, grossKg: 11, minutes: 5 }])).toMatchObject({
      field: 'values.grossKg',
    });
  });

  test('another shop sees nothing of it and notes nothing in it; an inspector reads alone', async () => {
    const job = await newJob();
    expect((await note(job, LOSS, { by: 'otto' })).status).toBe(404);
    expect((await note(job, LOSS, { by: 'bo' })).status).toBe(403);
  });

  test('leaks found on the circuit before stand in the next job’s history', async () => {
    await noted(await newJob(), LEAK);
    const { history } = (await jobOf(await newJob())).stages;
    expect(history.leaks).toContainEqual({ place: 'liquid-port', on: new Date().toISOString().slice(0, 10) });
  });
});

test('what leaked on a machine of the same model is looked for here, told by its tag', async () => {
  const ilta = await server.as('ilta');
  const machine = async (tag: string, model: string) => {
    const { unit, circuit } = await addSplit(server, { tag, model, chargeLb: 2, drawn: true });
    return { unit, job: await openJob(server, circuit) };
  };
  const [one, two, other] = [await machine('SA1', 'QX 5'), await machine('SA2', 'QX 5'), await machine('SA3', 'QX 6')];
  await noted(one.job, LEAK);
  const today = new Date().toISOString().slice(0, 10);
  expect((await jobOf(two.job)).stages.history.leaks).toEqual([{ place: 'liquid-port', on: today, unit: 'SA1' }]);
  expect((await jobOf(other.job)).stages.history.leaks).toEqual([]);
  const { body } = await ilta.get(`/api/units/${two.unit}`).expect(200);
  expect(body).toMatchObject({ model: 'QX 5', sisters: ['SA1'], circuits: [{ chargeKg: expect.closeTo(0.907, 3) as number }] });
});

describe('find', () => {
  test('less than half of the loss explained: not left, until overruled with a reason', async () => {
    const job = await newJob();
    await noted(job, LOSS); // 2.45 kg a year
    await noted(job, LEAK);
    await noted(job, ['find', 'checked-place', { place: 'gas-valve', method: 'soap', result: 'nothing' }]);
    expect(await refused(job, ['find', 'done', {}])).toMatchObject({
      status: 409,
      code: 'GATE',
      message: expect.stringContaining('less than half'),
    });
    expect(await refused(job, ['find', 'overruled', { gate: 'loss-not-explained' }])).toMatchObject({ field: 'values.reason' });
    await noted(job, ['find', 'overruled', { gate: 'loss-not-explained', reason: 'the station wants this one mended first' }]);
    await noted(job, ['find', 'done', {}]);
    expect((await jobOf(job)).next).toMatchObject({ stage: 'decide', step: 'choose-isolation' });
  });

  test('after the first leak one looks on', async () => {
    const job = await newJob();
    await noted(job, LEAK);
    expect(await refused(job, ['find', 'done', {}])).toMatchObject({
      code: 'GATE',
      message: expect.stringContaining('after the first leak'),
    });
    await noted(job, ['find', 'checked-place', { place: 'rig', method: 'section-hold', result: 'nothing' }]);
    await noted(job, ['find', 'done', {}]);
    expect(await refused(job, ['find', 'stopped-looking', { reason: 'enough' }])).toMatchObject({ code: 'OUT_OF_ORDER' });
    // Found without a signal before a colleague closed the stage: it happened, and is taken; it opens nothing by itself.
    await noted(job, LEAK);
    expect((await jobOf(job)).stage).toBe('decide');
    await noted(job, ['find', 'reopened', { why: 'it is short again' }]);
    expect((await jobOf(job)).stage).toBe('find');
  });
});

describe('decide', () => {
  test('no work without a yes, no price before what it waits for', async () => {
    const job = await newJob();
    await noted(job, ['find', 'skipped', { reason: 'known' }]);
    expect(await refused(job, ['decide', 'done', {}])).toMatchObject({
      code: 'GATE',
      message: expect.stringContaining('nobody has said yes'),
    });
    await noted(job, ['decide', 'price-held-until', { check: 'low rows of the coil' }]);
    const yes = { by: 'the station', how: 'phone', for: 'valve and drier' };
    expect(await refused(job, ['decide', 'approval', { ...yes, amount: '900' }])).toMatchObject({
      message: expect.stringContaining('low rows of the coil'),
    });
    // What the circuit asks by itself is never empty, and a price waits for it as well.
    expect((await refused(job, ['decide', 'approval', { ...yes, amount: '900' }])).message).toContain('access on both sides');
    for (const check of ['access', 'sprinklers', 'lead-time', 'steel-stubs', 'drier'])
      await noted(job, ['decide', 'price-check', { of: check, found: 'seen' }]);
    await noted(job, ['decide', 'price-check', { of: 'low rows of the coil', found: 'dry' }]);
    await noted(job, ['decide', 'approval', { ...yes, amount: '900' }]);
    await noted(job, ['decide', 'done', {}]);
    expect((await jobOf(job)).stage).toBe('make-safe');
  });

  test('a job that waits says for whom', async () => {
    const job = await newJob();
    await noted(job, ['find', 'skipped', { reason: 'known' }]);
    await noted(job, ['decide', 'waiting', { what: 'a yes to the price', forWhom: 'the station' }]);
    const today = (await (await server.as('ilta')).get('/api/today').expect(200)).body;
    const mine = (today.jobs as { id: string; next: object }[]).find(({ id }) => id === job);
    expect(mine?.next).toEqual({ stage: 'decide', step: 'wait', by: 'the station' });
  });
});

describe('the torch', () => {
  async function plannedJoint(job: string): Promise<string> {
    const joint = uuid();
    const ilta = await server.as('ilta');
    await ilta.put(`/api/jobs/${job}/joints/${joint}`).send({ title: 'liquid line' }).expect(200);
    await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(planBody()).expect(200);
    return joint;
  }
  /** As a phone that has the job as it stands, or as one that was without a signal since before. */
  const braze = async (joint: string, knows: 'all' | 'nothing' = 'all') => {
    const values = { filler: 'BAg-36', rodMm: 60, seconds: 40, purgeLpm: 2, floodSeconds: 90, depthMm: 19, protection: 'putty', note: '' };
    const { head } = (await (await server.as('ilta')).get(`/api/joints/${joint}`)).body.job;
    const seen = knows === 'all' ? { seen: [head] } : {};
    const body = { kind: 'brazed', deviceTime: new Date().toISOString(), values, photos: [], ...seen };
    return (await server.as('ilta')).put(`/api/joints/${joint}/entries/${uuid()}`).send(body);
  };

  test('stays locked, naming what is open, until every point is answered; too little oxygen does not answer', async () => {
    const job = await decidedJob();
    const joint = await plannedJoint(job);
    const locked = await braze(joint);
    expect(locked.status).toBe(409);
    expect(locked.body.error).toMatchObject({ code: 'GATE', field: 'kind', message: expect.stringContaining('zero and open') });
    expect(locked.body.error.message).toContain('vacuum, nitrogen, vacuum, nitrogen'); // R-32 burns
    await noted(job, ['make-safe', 'zero-and-open', { sides: ['high', 'low'] }]);
    await noted(job, LOCKED);
    for (const point of ['extinguisher', 'watch', 'sprinklers', 'detectors', 'swept']) await noted(job, HOT(point));
    await noted(job, HOT('oxygen', { oxygenPercent: 19.2 }));
    expect((await braze(joint)).body.error.message).toContain('air to breathe');
    await noted(job, HOT('oxygen', { oxygenPercent: 20.6 }));
    expect((await braze(joint)).status).toBe(200);
  });

  test('a flame of a phone that could not know is kept, and says that it was lit while locked', async () => {
    const joint = await plannedJoint(await decidedJob());
    const { status, body } = await braze(joint, 'nothing');
    expect([status, body.content.worked.values.torch]).toEqual([200, 'locked']);
  });

  test('is overruled by a lead with a reason, and by nobody else; skipping the stage is the same', async () => {
    const job = await decidedJob();
    const joint = await plannedJoint(job);
    const overrule = ['make-safe', 'overruled', { gate: 'torch', reason: 'open field, nothing within 30 m' }] as const;
    expect(await refused(job, overrule)).toMatchObject({
      status: 403,
      code: 'FORBIDDEN',
      message: expect.stringContaining('a lead or an admin'),
    });
    expect(await refused(job, ['make-safe', 'skipped', { reason: 'hurry' }])).toMatchObject({ status: 403 });
    expect((await braze(joint)).status).toBe(409);
    const named = (points: readonly string[]) => ['make-safe', 'overruled', { gate: 'torch', points, reason: 'open field' }] as const;
    expect(await refused(job, named(['oxygen']), 'maren')).toMatchObject({ code: 'INVALID_INPUT', field: 'values.points' });
    expect(await refused(job, named(['told']), 'maren')).toMatchObject({
      field: 'values.points',
      message: expect.stringContaining('not all open'),
    });
    await noted(job, named(['extinguisher', 'watch', 'sprinklers', 'detectors', 'swept', 'power-off']), 'maren');
    // Zero and open, and the air, are made true.
    expect((await braze(joint)).body.error.message).toMatch(/stays locked: zero and open to air, air to breathe\. /);
    await noted(job, ['make-safe', 'zero-and-open', { sides: ['high', 'low'] }]);
    await noted(job, HOT('oxygen'));
    expect((await braze(joint)).status).toBe(200);
    // A worse answer shuts what was overruled.
    await noted(job, ['make-safe', 'locked-off', { keyHolder: 'Ilta Varro', dead: false }]);
    expect((await braze(joint)).body.error.message).toContain('power off, locked');
  });

  test('a watch runs by the clock: ended early only by a lead with a reason', async () => {
    const job = await decidedJob();
    await noted(job, ['make-safe', 'watch-began', { minutes: 60, by: 'Oskar Penn' }]);
    const { watch } = await jobOf(job);
    expect(Date.parse(watch.endsAt) - Date.parse(watch.beganAt)).toBe(3_600_000);
    expect(await refused(job, ['make-safe', 'watch-ended', { reason: 'home' }])).toMatchObject({ status: 403 });
    expect(await refused(job, ['make-safe', 'watch-ended', {}], 'maren')).toMatchObject({ field: 'values.reason' });
    await noted(job, ['make-safe', 'watch-ended', { reason: 'the fire brigade took over' }], 'maren');
    expect((await jobOf(job)).watch).toBeNull();
  });

  test('a job from before stages were kept is not locked', async () => {
    const { next, stage } = await jobOf(demoId(0x43));
    expect(stage).toBe('hold');
    expect(next.step).toBe('hold');
  });
});
