import path from 'node:path';
import type { HoldLive } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import { liveLines, PROBE, samples, T0, type LiveLines } from '../../testing/liveLines';
import { DEMO_SHOP } from '../demo';
import { analystHere, analystThread } from './analyst/analyst';
import { holdLive } from './analyst/picture';

let lines: LiveLines;
const people = new Map<string, string>();
beforeAll(async () => {
  lines = await liveLines();
  for (const login of ['ilta', 'bo', 'oskar'])
    people.set(login, (await (await lines.server.as(login)).get('/api/session')).body.person.id as string);
});
afterAll(() => lines.close());

const idOf = (login: string) => people.get(login) ?? '';
const watchOf = ({ job, hold }: { job: string; hold: string }) => ({ of: 'hold', job, id: hold });
const picture = async (page: { next: (key: string) => Promise<object> }) => ((await page.next('hold')) as { hold: HoldLive }).hold;

test('two pages that watch are told as it comes: the newest picture, not every one', async () => {
  const held = await lines.paired();
  const pages = [
    await lines.watching('ilta', watchOf(held), { person: idOf('ilta') }),
    await lines.watching('bo', watchOf(held), { person: idOf('bo') }),
  ];
  for (const page of pages) expect((await picture(page)).series).toMatchObject([{ samples: 0 }]);
  for (let from = 1; from <= 40; from += 10) held.instrument.say(samples(from, 10));
  for (const page of pages) {
    let seen = 0;
    let told = 0;
    while (seen < 40) {
      seen = (await picture(page)).series[0]?.samples ?? 0;
      told += 1;
    }
    expect(told).toBeLessThanOrEqual(4);
    page.socket.terminate();
  }
  held.instrument.socket.terminate();
});

test('a note of another phone is told as well: the page asks for what it does not have', async () => {
  const held = await lines.begun();
  const page = await lines.watching('bo', watchOf(held), { person: idOf('bo') });
  const { entries } = await picture(page);
  await lines.note(held.job, 'hold-step', { hold: held.hold, pressure: { value: 3.45, unit: 'barg' } });
  expect((await picture(page)).entries).toBe(entries + 1);
  page.socket.terminate();
});

describe('who may not watch', () => {
  test.each([
    ['a page of another site', { origin: 'http://elsewhere.example' }],
    ['what shows no page', { origin: '' }],
  ])('%s', async (_who, { origin }) => {
    const held = await lines.begun();
    await expect(lines.watching('ilta', watchOf(held), { person: idOf('ilta'), origin })).rejects.toThrow('403');
  });

  test('nobody signed in; an instrument', () =>
    expect(lines.connect({ origin: `http://${lines.host}` }, `ws://${lines.host}/watch`)).rejects.toThrow('403'));

  test.each([
    ['a page whose person is not who signed in here', () => ({ person: idOf('bo') }), {}, 'OTHER_PERSON'],
    ['a hold of nobody', () => ({ person: idOf('ilta') }), { id: uuid() }, 'NOT_FOUND'],
    ['a thing that is not watched', () => ({ person: idOf('ilta') }), { of: 'shop' }, 'INVALID_INPUT'],
  ])('%s: said, and the line is cut', async (_what, who, other, code) => {
    const held = await lines.begun();
    const page = await lines.watching('ilta', { ...watchOf(held), ...other }, who());
    const closed = new Promise((done) => page.socket.once('close', done));
    expect(await page.next('refused')).toMatchObject({ refused: { code } });
    await closed;
  });

  test('somebody who signs out meanwhile: the next picture is not told', async () => {
    const held = await lines.paired();
    const page = await lines.watching('oskar', watchOf(held), { person: idOf('oskar') });
    await picture(page);
    await lines.server.store.inShop(DEMO_SHOP, ({ sessions }) => sessions.endAllOf(idOf('oskar')));
    held.instrument.say(samples(1, 5));
    expect(await page.next('refused')).toMatchObject({ refused: { code: 'SIGNED_OUT' } });
    held.instrument.socket.terminate();
  });
});

describe('several instruments', () => {
  const OXYGEN = { kind: 'oxygen', name: 'O-2', columns: [{ quantity: 'oxygen', step: 0.1 }] };

  test('an oxygen meter that joined first judges nothing; of two probes the one that was chosen judges, and its gauge counts', async () => {
    const held = await lines.begun();
    const oxygen = await lines.joined(held.code, OXYGEN);
    oxygen.instrument.say({ samples: [[1, T0, 209]] });
    await oxygen.instrument.next('ack');
    const steady = await lines.joined(await lines.codeFor(held.job, held.hold));
    const leaky = await lines.joined(await lines.codeFor(held.job, held.hold), { ...PROBE, name: 'P-8' });
    await lines.note(held.job, 'hold-step', { hold: held.hold, pressure: { value: 20, unit: 'barg' } });
    await lines.note(held.job, 'supply-shut', { hold: held.hold });
    const from = Date.now() + 16 * 60_000;
    const series = (fall: number) => ({ samples: Array.from({ length: 300 }, (_, i) => [i + 1, from + 3000 * i, Math.round(20_000 - fall * i), 180]) }); // prettier-ignore
    steady.instrument.say(series(0));
    leaky.instrument.say(series(0.9));
    for (const { instrument } of [steady, leaky]) await instrument.next('ack');
    const seen = await lines.live(held.job, held.hold);
    expect(seen.judgedBy).toBe(steady.series);
    expect(seen.series[0]).toMatchObject({ last: [{ quantity: 'oxygen', value: 20.9 }] });
    await lines.note(held.job, 'hold-ended', { hold: held.hold, by: leaky.series });
    const ended = (await lines.entries(held.job)).find(({ kind }) => kind === 'hold-ended');
    expect(ended?.values).toMatchObject({ by: leaky.series, verdict: 'leaking' });
  });

  test('judged by hand though an instrument spoke: what was noted counts', async () => {
    const held = await lines.paired();
    held.instrument.say(samples(1, 10));
    await held.instrument.next('ack');
    await lines.note(held.job, 'hold-ended', { hold: held.hold, byHand: true });
    const ended = (await lines.entries(held.job)).find(({ kind }) => kind === 'hold-ended');
    expect(ended?.values).toMatchObject({ byHand: true, verdict: 'cannot-tell', readings: 0, reasons: ['too-few-readings'] });
  });
});

describe('an instrument is let go', () => {
  const end = async (login: string, { job, series }: { job: string; series: string }) => {
    const cookie = await lines.server.cookie(login);
    return lines.server.stranger().put(`/api/jobs/${job}/series/${series}/end`).set('cookie', cookie).send({});
  };

  test('by a lead: what it sent stays, and it is heard no more', async () => {
    const held = await lines.paired();
    held.instrument.say(samples(1, 10));
    await held.instrument.next('ack');
    expect((await end('oskar', held)).status).toBe(403);
    expect((await end('maren', held)).status).toBe(200);
    held.instrument.say(samples(11, 1));
    expect(await held.instrument.next('refused')).toMatchObject({ refused: { code: 'OUT_OF_ORDER' } });
    const back = await lines.connect();
    back.say({ token: held.token });
    expect(await back.next('refused')).toMatchObject({ refused: { code: 'FORBIDDEN' } });
    expect((await lines.live(held.job, held.hold)).series).toMatchObject([{ samples: 10, isEnded: true }]);
  });
});

/** Built before the tests, as for the running server. */
const THREAD = path.join(__dirname, '../../../dist/analystWorker.mjs');

test('the thread goes on from what it has, and says to the digit what a run over all samples says; one that ended begins anew', async () => {
  const held = await lines.paired();
  await lines.note(held.job, 'hold-step', { hold: held.hold, pressure: { value: 20, unit: 'barg' } });
  await lines.note(held.job, 'supply-shut', { hold: held.hold });
  const from = Date.now() + 16 * 60_000;
  const of = { jobId: held.job, id: held.hold, by: null };
  const now = new Date();
  const seen = (analyst: ReturnType<typeof analystHere>) =>
    lines.server.store.inShop(DEMO_SHOP, (shop) => holdLive(shop, analyst, of, now));
  const thread = analystThread(THREAD);
  for (let sent = 0, ack = 0; sent < 2500; sent += 500) {
    const piece = Array.from({ length: 500 }, (_, i) => [sent + i + 1, from + 3000 * (sent + i), 20_000 - Math.round((sent + i) / 9), 180 + (i % 3)]); // prettier-ignore
    held.instrument.say({ samples: piece });
    while (ack < sent + 500) ack = Number((await held.instrument.next('ack'))['ack']);
    const told = await seen(thread);
    expect(told.curve?.judged.readings).toBe(sent + 500);
    expect(told).toEqual(await seen(analystHere()));
  }
  thread.close();
  expect(await seen(thread)).toEqual(await seen(analystHere()));
  thread.close();
  held.instrument.socket.terminate();
});

test('an instrument is let go with whoever let it in, when they leave', async () => {
  const held = await lines.paired();
  const maren = await lines.server.as('maren');
  await maren
    .post(`/api/people/${idOf('ilta')}/left`)
    .send({ left: true })
    .expect(200);
  const back = await lines.connect();
  back.say({ token: held.token });
  expect(await back.next('refused')).toMatchObject({ refused: { code: 'FORBIDDEN' } });
  await maren
    .post(`/api/people/${idOf('ilta')}/left`)
    .send({ left: false })
    .expect(200);
  held.instrument.socket.terminate();
});
