import { generateKeyPairSync, sign, type KeyObject } from 'node:crypto';
import { pinStatement, type PinOverruled } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import { decidedJob } from '../../testing/jobs';
import { rulesServer, testServer, type RulesServer } from '../../testing/server';
import { DEMO_SHOP } from '../demo';

const PASSWORD = 'copper-before-filler';
const HOUR_MS = 3_600_000;
/** What the server's clock says. */
let now = new Date('2026-11-25T08:00:00.000Z');
const clock = () => now;
const at = (hours: number) => new Date(now.getTime() + hours * HOUR_MS).toISOString();

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer({ clock });
});
afterAll(() => server.close());

const keyPair = () => generateKeyPairSync('ec', { namedCurve: 'prime256v1' });
const spki = (key: KeyObject) => key.export({ type: 'spki', format: 'der' }).toString('base64');

/** Maren sets a PIN on Ilta's phone. */
async function pinOnPhone(signIn: object = { login: 'maren', password: PASSWORD }, until = at(8)) {
  const { publicKey, privateKey } = keyPair();
  const pin = uuid();
  const answer = await (await server.as('ilta')).put(`/api/day-pins/${pin}`).send({ signIn, key: spki(publicKey), until });
  return { pin, privateKey, answer, lead: answer.body.lead };
}

const overruled = (deviceTime = now.toISOString()): PinOverruled => ({
  ...{ stage: 'make-safe', deviceTime },
  values: { gate: 'torch', points: ['sprinklers'], reason: 'open field' },
});

interface Sent {
  readonly job: string;
  readonly pin: string;
  readonly lead: object;
  readonly privateKey: KeyObject;
  readonly who?: string;
  readonly signs?: PinOverruled;
  readonly sends?: PinOverruled;
  readonly entry?: string;
}
async function send({ job, pin, lead, privateKey, who = 'ilta', signs = overruled(), sends = signs, entry = uuid() }: Sent) {
  const statement = Buffer.from(pinStatement({ pin, job, entry }, signs));
  const signature = sign('sha256', statement, { key: privateKey, dsaEncoding: 'ieee-p1363' }).toString('base64');
  return (await server.as(who)).put(`/api/jobs/${job}/pin-overrulings/${entry}`).send({ pin, lead, signature, ...sends });
}
const entriesOf = async (job: string) =>
  JSON.stringify((await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body.stages.entries);

test('a PIN of the day overrules on one phone: the entry is the lead’s, says the PIN, and the lead sees it once', async () => {
  const job = await decidedJob(server);
  const { answer, ...pin } = await pinOnPhone();
  expect([answer.status, answer.body.lead.name]).toEqual([200, 'Maren Ito-Dahl']);
  const entry = uuid();
  expect((await send({ job, ...pin, entry })).status).toBe(200);
  const link = (await send({ job, ...pin, entry })).body;
  expect(link.content.said).toMatchObject({ kind: 'overruled', told: { byPin: true, points: ['sprinklers'] } });
  const kept = await entriesOf(job);
  expect([kept.split('"overruled"').length, kept.includes('Maren Ito-Dahl'), kept.includes('Ilta Varro')]).toEqual([2, true, true]);

  const maren = await server.as('maren');
  const { body: unseen } = await maren.get('/api/pin-overrulings').expect(200);
  expect(unseen).toMatchObject([
    { entry, job: { id: job }, phoneOf: 'Ilta Varro', values: { points: ['sprinklers'], reason: 'open field' } },
  ]);
  await maren.put(`/api/pin-overrulings/${entry}/seen`).send({ seen: true }).expect(200);
  expect((await maren.get('/api/pin-overrulings').expect(200)).body).toEqual([]);
});

test('sent late it counts by when it was tapped; tapped after midnight it is worth nothing', async () => {
  const job = await decidedJob(server);
  const { answer: _answer, ...pin } = await pinOnPhone();
  const inTime = overruled(at(7));
  const late = overruled(at(9));
  const morning = now;
  now = new Date(at(20));
  expect((await send({ job, ...pin, signs: inTime })).status).toBe(200);
  const refused = await send({ job, ...pin, signs: late });
  now = morning;
  expect([refused.status, refused.body.error.field]).toEqual([403, 'deviceTime']);
});

test('another phone’s person, another key and another reason are refused, and nothing is kept', async () => {
  const job = await decidedJob(server);
  const { answer: _answer, ...pin } = await pinOnPhone();
  const other: PinOverruled = { ...overruled(), values: { ...overruled().values, reason: 'somebody else’s words' } };
  const refused = [
    await send({ job, ...pin, who: 'oskar' }),
    await send({ job, ...pin, privateKey: keyPair().privateKey }),
    await send({ job, ...pin, signs: overruled(), sends: other }),
  ];
  expect(refused.map(({ status, body }) => [status, body.error.field])).toEqual([
    [403, 'pin'],
    [403, 'signature'],
    [403, 'signature'],
  ]);
  expect(await entriesOf(job)).not.toContain('"overruled"');
});

test('a PIN is set by a lead’s password, for a day at most, over a key that checks', async () => {
  const refusal = ({ status, body }: { status: number; body: { error: { field: string } } }) => [status, body.error.field];
  expect(refusal((await pinOnPhone({ login: 'maren', password: 'filler-before-copper' })).answer)).toEqual([400, 'password']);
  expect(refusal((await pinOnPhone({ login: 'oskar', password: PASSWORD })).answer)).toEqual([403, 'login']);
  expect(refusal((await pinOnPhone(undefined, at(30))).answer)).toEqual([400, 'until']);
  expect(refusal((await pinOnPhone(undefined, at(-1))).answer)).toEqual([400, 'until']);
});

test('never zero and open, nor the air: a PIN lifts no more than a lead does', async () => {
  const job = await decidedJob(server);
  const { answer: _answer, ...pin } = await pinOnPhone();
  const signs: PinOverruled = { ...overruled(), values: { gate: 'torch', points: ['zero-and-open'], reason: 'in a hurry' } };
  expect((await send({ job, ...pin, signs })).status).toBe(400);
});

test('the database keeps PINs and their use as memory does', async () => {
  const database = await testServer({ clock });
  const pin = { id: uuid(), key: 'k', madeAt: now, until: now };
  const first = { id: uuid(), at: now, seenAt: null };
  const answers = [];
  for (const { store } of [server, database])
    answers.push(
      await store.inShop(DEMO_SHOP, async ({ dayPins, people, jobs }) => {
        const [lead, other] = await people.all();
        const [told] = await jobs.toldToday(0);
        if (!lead || !other || !told) throw new Error('the demo has people and jobs');
        await dayPins.add({ ...pin, leadId: lead.id, phoneOf: other.id });
        const use = { ...first, leadId: lead.id, jobId: told.job.id };
        await dayPins.used(use);
        await dayPins.used(use);
        const before = await dayPins.unseenOf(lead.id);
        await dayPins.seen(use.id, other.id, now);
        const notTheirs = await dayPins.unseenOf(lead.id);
        await dayPins.seen(use.id, lead.id, now);
        return [(await dayPins.byId(pin.id))?.until, before.length, notTheirs.length, (await dayPins.unseenOf(lead.id)).length];
      }),
    );
  expect(answers[0]).toEqual([now, 1, 1, 0]);
  expect(answers[1]).toEqual(answers[0]);
  await database.close();
});
