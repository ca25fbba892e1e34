import { factsIn, readEntry, type JobLink, type JointLink, type StageFact } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { bar, madeJoint, openJob } from '../../testing/jobs';
import { rulesServer, type RulesServer } from '../../testing/server';

const START = Date.parse('2026-11-24T10:00:00.000Z');
let now = new Date(START);
let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer({ clock: () => now });
});
afterAll(() => server.close());
const at = (minutes: number) => {
  now = new Date(START + minutes * 60_000);
};

const C = (value: number) => ({ value, unit: 'C' });
const BEGAN = {
  ...{ parts: ['drier'], at: 'drier', rig: false, volume: { value: 2, unit: 'L' }, pressure: bar(20), gas: 'nitrogen', ambient: C(18) },
  ...{ gauge: { name: 'G-3', resolution: { value: 1, unit: 'kPa' } }, temperatureUncertaintyK: 0.3, practice: 'data-plate' },
};
const send = async (job: string, kind: string, values: object, id = uuid()) =>
  (await server.as('ilta'))
    .put(`/api/jobs/${job}/stages/${id}`)
    .send({ stage: 'hold', kind, values, deviceTime: now.toISOString(), photos: [] });
async function kept(job: string, kind: string, values: object, id = uuid()): Promise<string> {
  const { status, body } = await send(job, kind, values, id);
  if (status !== 200) throw new Error(JSON.stringify(body));
  return id;
}
const factsOf = async (job: string): Promise<readonly StageFact[]> =>
  factsIn((await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body.stages.entries as JobLink[]);
const endOf = async (job: string) => (await factsOf(job)).find(({ kind }) => kind === 'hold-ended')?.values;

/** A hold of two litres, read every ten minutes from its shutting on. */
async function held(job: string, bars: readonly number[]): Promise<string> {
  at(0);
  const hold = await kept(job, 'hold-began', BEGAN);
  at(20);
  await kept(job, 'hold-step', { hold, pressure: bar(20) });
  await kept(job, 'supply-shut', { hold });
  for (const [i, value] of bars.entries()) {
    at(20 + 10 * i);
    await kept(job, 'hold-read', { hold, pressure: bar(value), temperature: C(18) });
  }
  await kept(job, 'hold-ended', { hold });
  return hold;
}

test('a hold that loses a bar in forty minutes leaks; what the gas did before it settled counts for nothing', async () => {
  const job = await openJob(server);
  await held(job, [20, 19.2, 19, 18.75, 18.5, 18.25]);
  // 2 L x 0.75 bar in 30 min: 2e-3 x 75 000 / 1800 = 0.083 Pa m3/s.
  const found = await endOf(job);
  expect(found).toMatchObject({ verdict: 'leaking', readings: 4, minutes: 30 });
  expect((found as { leakPaM3S: number }).leakPaM3S).toBeCloseTo(0.083, 2);
});

test('with nothing known of a loss it can call nothing tight, and says what it would have seen', async () => {
  const job = await openJob(server);
  await held(job, [20, 20, 20, 20, 20]);
  expect(await endOf(job)).toMatchObject({ verdict: expect.stringMatching(/tight|cannot-tell/), leakPaM3S: expect.closeTo(0, 6) });
});

test('two readings, both before it has settled: nothing can be told, and no joint is called held', async () => {
  const job = await openJob(server);
  await held(job, [20, 20]);
  expect(await endOf(job)).toMatchObject({
    verdict: 'cannot-tell',
    leakPaM3S: null,
    reasons: expect.arrayContaining(['too-few-readings']),
  });
});

test('above the lowest limit it is refused, by its field, whoever asks', async () => {
  const job = await openJob(server);
  const { status, body } = await send(job, 'hold-began', { ...BEGAN, pressure: bar(90) });
  expect([status, body.error.field]).toEqual([400, 'values.pressure']);
  expect(body.error.message).toContain('barg');
});

test('what caps it, its steps and what it stores are Kesto’s own', async () => {
  const job = await openJob(server);
  await kept(job, 'hold-began', BEGAN);
  const [began] = await factsOf(job);
  expect(began?.values).toMatchObject({ stepsKpag: expect.arrayContaining([345, 1035, 2000]), side: 'high' });
});

test('a gauge out of calibration is said with the verdict', async () => {
  const job = await openJob(server);
  at(0);
  const hold = await kept(job, 'hold-began', { ...BEGAN, gauge: { ...BEGAN.gauge, calibratedUntil: '2026-11-01' } });
  await kept(job, 'supply-shut', { hold });
  for (const minutes of [20, 40, 60]) {
    at(minutes);
    await kept(job, 'hold-read', { hold, pressure: bar(20), temperature: C(18) });
  }
  await kept(job, 'hold-ended', { hold });
  expect(await endOf(job)).toMatchObject({ reasons: expect.arrayContaining(['calibration-over']) });
});

test('it is ended once, of a hold of this job; soap is of one thing', async () => {
  const job = await openJob(server);
  const hold = await held(job, [20, 20]);
  expect((await send(job, 'hold-ended', { hold })).body.error).toMatchObject({ code: 'OUT_OF_ORDER' });
  expect((await send(job, 'hold-read', { hold: uuid(), pressure: bar(20), temperature: C(18) })).body.error.field).toBe('values.hold');
  const soap = { hold, atKpag: 345, result: 'nothing' };
  expect((await send(job, 'place-soaped', soap)).body.error.field).toBe('values.place');
  expect((await send(job, 'place-soaped', { ...soap, place: 'drier', hose: 'red' })).body.error.field).toBe('values.place');
  await kept(job, 'place-soaped', { ...soap, hose: 'red' });
});

test('a joint in the section has it in its own chain, by Kesto, because of the entry that ended it', async () => {
  at(0);
  const ilta = await server.as('ilta');
  const job = await openJob(server);
  const joint = await madeJoint(server, job);
  const hold = await held(job, [20, 19.2, 19, 18.75, 18.5]);
  const entries = (await ilta.get(`/api/joints/${joint}`).expect(200)).body.entries as JointLink[];
  const last = entries.at(-1);
  expect(last && readEntry(last)).toMatchObject({ kind: 'held', values: { hold, job, verdict: 'leaking', pressureKpag: 2000 } });
  expect(JSON.stringify(last)).toContain('"because":{"chain"');
});

test('the stage is not done while it leaks, is not soaped, or stands under pressure', async () => {
  const job = await openJob(server);
  await held(job, [20, 19.2, 19, 18.75, 18.5]);
  const { body } = await send(job, 'done', {});
  expect(body.error).toMatchObject({ code: 'GATE' });
  for (const says of ['no hold has proven it tight', 'our own hoses', 'under pressure']) expect(body.error.message).toContain(says);
});
