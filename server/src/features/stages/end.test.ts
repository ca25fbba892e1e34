import type { JointView } from '@kesto/contract';
import { factsIn, HAND_OVER_POINTS, readEntry, type JobLink, type StageFact } from '@kesto/core';
import { createHash } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { madeJoint, openJob } from '../../testing/jobs';
import { textOfPdf } from '../../testing/pdf';
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

const q = (value: number, unit: string) => ({ value, unit });
const micron = (value: number) => q(value, 'micron');
const send = async (job: string, stage: string, kind: string, values: object, { who = 'ilta', id = uuid() } = {}) =>
  (await server.as(who as 'ilta'))
    .put(`/api/jobs/${job}/stages/${id}`)
    .send({ stage, kind, values, deviceTime: now.toISOString(), photos: [] });
async function kept(job: string, stage: string, kind: string, values: object): Promise<string> {
  const id = uuid();
  const { status, body } = await send(job, stage, kind, values, { id });
  if (status !== 200) throw new Error(JSON.stringify(body));
  return id;
}
const factsOf = async (job: string): Promise<readonly StageFact[]> =>
  factsIn((await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body.stages.entries as JobLink[]);

const PULL = {
  ...{ ports: ['drier'], volume: q(10, 'L'), pump: { speed: q(8, 'cfm'), ultimate: micron(25) } },
  hoses: [{ bore: q(10, 'mm'), length: q(1, 'm'), core: 'out' }],
  ...{ gauge: { name: 'V-2' }, gaugeAt: 'system-far', limit: micron(500), school: '500-in-10', ambient: q(20, 'C') },
};

async function pulled(job: string, from: number, rises: (minutes: number) => number): Promise<string> {
  const pull = await kept(job, 'pull', 'pull-began', PULL);
  at(from);
  await kept(job, 'pull', 'pull-read', { pull, pressure: micron(rises(0) - 1) });
  await kept(job, 'pull', 'valve-shut', { pull });
  for (let minutes = 0; minutes <= 12; minutes += 1) {
    at(from + minutes);
    await kept(job, 'pull', 'pull-read', { pull, pressure: micron(Math.round(rises(minutes))) });
  }
  await kept(job, 'pull', 'rise', { pull });
  return pull;
}
const lastRise = async (job: string) => (await factsOf(job)).findLast(({ kind }) => kind === 'rise')?.values;

test('from the pull to the signature: each gate shut until it is answered, the job closed at its end', async () => {
  const job = await openJob(server);
  at(0);
  const early = await send(job, 'pull', 'pull-began', PULL);
  expect([early.status, early.body.error.code]).toEqual([409, 'GATE']);
  await kept(job, 'hold', 'skipped', { reason: 'held yesterday, on paper' });

  await pulled(job, 30, (minutes) => 180 + 60 * (1 - Math.exp(-minutes / 2)));
  expect(await lastRise(job)).toMatchObject({ verdict: 'cannot-tell', reasons: ['rig'] });
  await kept(job, 'pull', 'rig-alone', { reached: micron(60), rise: micron(30) });
  const pull = await pulled(job, 60, (minutes) => 180 + 60 * (1 - Math.exp(-minutes / 2)));
  expect(await lastRise(job)).toMatchObject({ verdict: 'tight-and-dry', model: 'plateau', readings: 13 });

  await kept(job, 'pull', 'broken-with-nitrogen', { pull, reached: micron(240), brokenTo: q(7, 'kPag'), minutes: 10 });
  const void_ = await send(job, 'pull', 'done', {});
  expect(void_.body.error.message).toContain('something was opened since');
  await pulled(job, 90, (minutes) => 180 + 50 * (1 - Math.exp(-minutes / 2)));
  await kept(job, 'pull', 'done', {});

  await kept(job, 'charge', 'charge-began', { dataPlate: q(5.1, 'kg') });
  const K3 = { name: 'K-3', before: q(15, 'kg'), after: q(12.7, 'kg'), refrigerant: 'R-410A' };
  await kept(job, 'charge', 'cylinder-weighed', K3);
  await kept(job, 'charge', 'charged', {});
  expect((await send(job, 'charge', 'done', {})).body.error.message).toContain('not in by weight');
  await kept(job, 'charge', 'cylinder-weighed', { ...K3, after: q(9.9, 'kg') });
  await kept(job, 'charge', 'charged', {});
  expect((await factsOf(job)).findLast(({ kind }) => kind === 'charged')?.values).toMatchObject({ isCharged: true, targetKg: 5.1 });
  const seen = ['valves-open', 'caps-on', 'switch-set-back', 'bridges-out', 'heater-hours', 'panels-on', 'somebody-at-switch'];
  await kept(job, 'charge', 'before-start', { seen, notHere: ['water-flow', 'rotation'] });
  const request = { refrigerant: 'R-410A', metering: 'valve', suction: { pressure: q(8, 'barg'), line: q(12, 'C') } };
  await kept(job, 'charge', 'settled-readings', { request, steadyMinutes: 20, doorsShut: true });
  await kept(job, 'charge', 'done', {});

  expect((await send(job, 'hand-over', 'done', {})).body.error.message).toContain('13 points');
  for (const point of HAND_OVER_POINTS) await kept(job, 'hand-over', 'handed-point', { point, answer: 'done' });
  await kept(job, 'hand-over', 'next-person-note', { note: 'the clamp at the wall rubs', nextCheck: '2027-02-25' });
  // What is handed over is kept to the letter: later entries change what is printed today, not that.
  const asked = async (id: string) =>
    (await server.as('ilta')).put(`/api/jobs/${job}/reports/${id}`).send({ deviceTime: now.toISOString() }).expect(200);
  const entry = uuid();
  const { body: link } = await asked(entry);
  const { sha256 } = link.content.said.told;
  expect((await asked(entry)).body.hash).toBe(link.hash);
  const handed = await (await server.as('bo')).get(`/api/photos/${sha256}`).expect(200).expect('content-type', /pdf/);
  expect(
    createHash('sha256')
      .update(handed.body as Buffer)
      .digest('hex'),
  ).toBe(sha256);
  const says = textOfPdf(handed.body as Buffer);
  for (const words of [
    'What we did',
    'Emptied it of air and water',
    'as it should be',
    'the clamp at the wall rubs',
    'due by 2027-02-25',
    '2 of 2: proof',
  ])
    expect(says).toContain(words);
  expect(says).not.toMatch(/undefined|NaN|\[object/);
  await kept(job, 'hand-over', 'signed-off', {
    name: 'M. Lind',
    role: 'for the station',
    heads: [{ of: 'job', id: job, sequence: 80, hash: 'ab'.repeat(32) }],
  });
  await kept(job, 'hand-over', 'done', {});
  const { body } = await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200);
  expect(body).toMatchObject({ done: true });
  // The next job on the machine begins with what was left for it.
  const next = await openJob(server);
  const after = await (await server.as('bo')).get(`/api/jobs/${next}`).expect(200);
  expect(after.body.stages.notes[0]).toMatchObject({ note: 'the clamp at the wall rubs', nextCheck: '2027-02-25', unit: null });
});

test('every made joint that the pump reached says in its own chain what the rise showed', async () => {
  const job = await openJob(server);
  at(0);
  const joint = await madeJoint(server, job);
  await kept(job, 'hold', 'skipped', { reason: 'held yesterday, on paper' });
  await kept(job, 'pull', 'rig-alone', { reached: micron(60), rise: micron(30) });
  const dry = (minutes: number) => 180 + 60 * (1 - Math.exp(-minutes / 2));
  const pull = await pulled(job, 60, dry);
  const last = async () => {
    const { entries } = (await (await server.as('bo')).get(`/api/joints/${joint}`).expect(200)).body as JointView;
    const link = entries.at(-1);
    return link && readEntry(link);
  };
  expect(await last()).toMatchObject({ kind: 'pulled', values: { pull, job, verdict: 'tight-and-dry', breaks: 0, minutes: 12 } });
  const before = (await last())?.sequence;
  await kept(job, 'pull', 'broken-with-nitrogen', { pull, reached: micron(240), brokenTo: q(7, 'kPag'), minutes: 10 });
  await pulled(job, 90, dry);
  expect((await last())?.sequence).toBe((before ?? 0) + 1);
});

test('a cylinder that gained weight, a pull of another job: refused by the field, nothing kept', async () => {
  const job = await openJob(server);
  const gained = { name: 'K-3', before: q(12, 'kg'), after: q(26.7, 'lb'), refrigerant: 'R-410A' };
  const { status, body } = await send(job, 'charge', 'cylinder-weighed', gained);
  expect([status, body.error.field]).toEqual([400, 'values.after']);
  const stranger = await send(job, 'pull', 'pull-read', { pull: uuid(), pressure: micron(300) });
  expect([stranger.status, stranger.body.error.field]).toEqual([400, 'values.pull']);
  expect(await factsOf(job)).toEqual([]);
});

test('more than the greatest charge on its plate is refused, whoever asks', async () => {
  const job = await openJob(server);
  await kept(job, 'pull', 'skipped', { reason: 'not opened' });
  const lines = { length: q(30, 'm'), included: q(5, 'm'), ratePerMetre: q(30, 'g') };
  const { status, body } = await send(
    job,
    'charge',
    'charge-began',
    { dataPlate: q(5.1, 'kg'), lines, maxCharge: q(5.5, 'kg') },
    { who: 'maren' },
  );
  expect([status, body.error.code]).toEqual([400, 'INVALID_INPUT']);
});
