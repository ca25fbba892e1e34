import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { HoldLive } from '@kesto/contract';
import { blockHash, factsIn, MANIFEST, seriesPath, verifyJob, verifySeries, type JobLink, type JobManifest } from '@kesto/core';
import { unzipSync } from 'fflate';
import type { Response } from 'superagent';
import { v7 as uuid } from 'uuid';
import { WebSocket } from 'ws';
import { listenLive } from '../../platform/live/listenLive';
import { bar, openJob } from '../../testing/jobs';
import { testServer, type TestServer } from '../../testing/server';
import { DEMO_SHOP } from '../demo';

let server: TestServer;
let http: Server;
let deaf: () => void;
let url = '';
beforeAll(async () => {
  server = await testServer();
  http = createServer(server.app);
  await new Promise<void>((done) => http.listen(0, '127.0.0.1', done));
  deaf = listenLive(http, {
    isOwnHost: (host) => host.startsWith('127.0.0.1'),
    ends: [{ path: '/live', caller: 'instrument', onLine: server.live.answer }],
  });
  url = `ws://127.0.0.1:${(http.address() as AddressInfo).port}/live`; // cast: it listens at a port
});
afterAll(async () => {
  deaf();
  http.close();
  await server.close();
});

interface Instrument {
  readonly socket: WebSocket;
  readonly say: (message: object) => void;
  /** The next message that holds this key. */
  readonly next: (key: string) => Promise<Readonly<Record<string, unknown>>>;
}

async function connect(options: object = {}, at = url): Promise<Instrument> {
  const socket = new WebSocket(at, options);
  const heard: Readonly<Record<string, unknown>>[] = [];
  socket.on('message', (data) => heard.push(JSON.parse(String(data)) as Readonly<Record<string, unknown>>)); // cast: JSON objects
  socket.on('error', () => undefined);
  await new Promise<void>((open, fail) => {
    socket.once('open', () => open());
    socket.once('unexpected-response', (_request, response) => fail(new Error(String(response.statusCode))));
  });
  const next = async (key: string) => {
    for (let waited = 0; waited < 30_000; waited += 20) {
      const at = heard.findIndex((message) => key in message);
      if (at >= 0) return heard.splice(at, 1)[0]!; // just found
      await new Promise((later) => setTimeout(later, 20));
    }
    throw new Error(`no ${key} came: ${JSON.stringify(heard)}`);
  };
  return { socket, say: (message) => socket.send(JSON.stringify(message)), next };
}

const PROBE = {
  ...{ kind: 'pressure-temperature', name: 'P-7' },
  columns: [{ quantity: 'gauge-pressure', step: 0.1 }, { quantity: 'pipe-temperature', step: 0.1 }], // prettier-ignore
};
const C = (value: number) => ({ value, unit: 'C' });
const BEGAN = {
  ...{ parts: ['drier'], at: 'drier', rig: false, volume: { value: 2, unit: 'L' }, pressure: bar(20), gas: 'nitrogen', ambient: C(18) },
  ...{ gauge: { name: 'G-3', resolution: { value: 1, unit: 'kPa' } }, temperatureUncertaintyK: 0.3, practice: 'data-plate' },
};

async function note(job: string, kind: string, values: object, id = uuid()): Promise<string> {
  const ilta = await server.as('ilta');
  const { status, body } = await ilta
    .put(`/api/jobs/${job}/stages/${id}`)
    .send({ stage: 'hold', kind, values, deviceTime: new Date().toISOString(), photos: [] });
  if (status !== 200) throw new Error(JSON.stringify(body));
  return id;
}
async function begun(): Promise<{ job: string; hold: string; code: string }> {
  const job = await openJob(server);
  const hold = await note(job, 'hold-began', BEGAN);
  const { body } = await (await server.as('ilta')).put(`/api/jobs/${job}/pairings/${uuid()}`).send({ hold }).expect(200);
  return { job, hold, code: body.code };
}
async function paired() {
  const held = await begun();
  const instrument = await connect();
  instrument.say({ pair: held.code, instrument: PROBE });
  const { token, series } = (await instrument.next('paired'))['paired'] as { token: string; series: string };
  return { ...held, instrument, token, series };
}
const T0 = Date.now();
const sample = (n: number, gauge = 20_000 - n) => [n, T0 + 1000 * n, gauge, 180];
const samples = (from: number, count: number) => ({ samples: Array.from({ length: count }, (_, i) => sample(from + i)) });
const live = async (job: string, hold: string): Promise<HoldLive> =>
  (await (await server.as('bo')).get(`/api/jobs/${job}/holds/${hold}/live`).expect(200)).body;
const entries = async (job: string) =>
  factsIn((await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body.stages.entries as JobLink[]);

const brokenIn = (parts: Map<string, Uint8Array>) => {
  const result = verifyJob(parts);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value.intact ? null : result.value.firstBroken;
};
/** The job's file holds the samples; whoever exchanges or leaves out a block is found, though the list was written anew. */
async function expectProven(job: string, series: string): Promise<void> {
  const { body } = await (await server.as('bo')).get(`/api/jobs/${job}/record.zip`).buffer(true).parse(asBytes).expect(200);
  const parts = new Map(Object.entries(unzipSync(body as Uint8Array))); // cast: read as bytes
  const [first, second] = [seriesPath(series, 1), seriesPath(series, 2)];
  expect([brokenIn(parts), parts.has(first), parts.has(second)]).toEqual([null, true, true]);
  const relisted = (change: (all: Map<string, Uint8Array>) => void) => {
    const all = new Map(parts);
    change(all);
    const manifest = JSON.parse(Buffer.from(all.get(MANIFEST)!).toString()) as JobManifest; // cast: the server wrote it
    const files = Object.fromEntries(
      Object.keys(manifest.files).flatMap((path) => (all.has(path) ? [[path, blockHash(all.get(path)!)]] : [])),
    );
    return all.set(MANIFEST, Buffer.from(JSON.stringify({ ...manifest, files })));
  };
  expect(
    brokenIn(
      relisted((all) =>
        all.set(
          first,
          Uint8Array.from(all.get(first)!, (byte, i) => (i === 90 ? byte ^ 1 : byte)),
        ),
      ),
    )?.why,
  ).toBe('series-broken');
  expect(brokenIn(relisted((all) => all.delete(second)))).toMatchObject({ in: 'job.jsonl', why: 'series-missing' });
}
const asBytes = (response: Response, done: (error: Error | null, body: Buffer) => void) => {
  const chunks: Buffer[] = [];
  response.on('data', (chunk: Buffer) => chunks.push(chunk));
  response.on('end', () => done(null, Buffer.concat(chunks)));
};

test('a code lets one instrument in, once; the chain says that it joined, by Kesto', async () => {
  const { job, hold, code, series, instrument } = await paired();
  expect((await entries(job)).find(({ kind }) => kind === 'series-began')).toMatchObject({
    by: 'Kesto',
    values: { hold, series, instrument: { name: 'P-7' } },
  });
  instrument.socket.terminate();
  const again = await connect();
  again.say({ pair: code, instrument: PROBE });
  expect(await again.next('refused')).toMatchObject({ refused: { code: 'NOT_FOUND' } });
});

test('samples are acknowledged once they are safe; after a break it goes on from there, none lost, none twice', async () => {
  const { job, hold, token, instrument, series } = await paired();
  instrument.say(samples(1, 900));
  for (let ack = 0; ack < 900;) ack = Number((await instrument.next('ack'))['ack']);
  instrument.socket.terminate();
  const back = await connect();
  back.say({ token });
  expect(await back.next('ack')).toEqual({ ack: 900 });
  back.say(samples(850, 500));
  for (let ack = 0; ack < 1349;) ack = Number((await back.next('ack'))['ack']);
  const told = await live(job, hold);
  expect(told.series).toMatchObject([{ id: series, samples: 1349, disagreements: 0, isSilent: false }]);
  const kept = await server.store.inShop(DEMO_SHOP, (shop) => shop.series.blocksOf(series, 1));
  expect(verifySeries(series, kept.map(({ bytes }) => new Uint8Array(bytes)))).toMatchObject({ ok: true, seen: { blocks: 2, samples: 1200, missing: 0 } }); // prettier-ignore
  expect(kept.map(({ bytes, hash }) => blockHash(new Uint8Array(bytes)) === hash)).toEqual([true, true]);
  back.socket.terminate();
});

test('the same count with another value is kept as a disagreement, and the first stands', async () => {
  const { job, hold, instrument } = await paired();
  instrument.say(samples(1, 10));
  await instrument.next('ack');
  instrument.say({ samples: [sample(4), sample(5, 777), sample(11)] });
  await instrument.next('ack');
  const { series, points } = await live(job, hold);
  expect(series[0]).toMatchObject({ samples: 11, disagreements: 1 });
  expect(points.map(({ gaugePa }) => Math.round(gaugePa / 100))).toEqual(Array.from({ length: 11 }, (_, i) => 19_999 - i));
});

test('ended, its verdict names the heads it was made from, and the server judged it by all samples', async () => {
  const { job, hold, instrument, series } = await paired();
  await note(job, 'hold-step', { hold, pressure: bar(20) });
  await note(job, 'supply-shut', { hold });
  const from = Date.now() + 16 * 60_000;
  // 2 L that lose 10 Pa a second: 0.02 Pa m3/s.
  const falling = Array.from({ length: 700 }, (_, i) => [i + 1, from + 3000 * i, Math.round(20_000 - 0.3 * i), 180]);
  instrument.say({ samples: falling });
  for (let ack = 0; ack < 700;) ack = Number((await instrument.next('ack'))['ack']);
  await note(job, 'hold-ended', { hold });
  const ended = (await entries(job)).find(({ kind }) => kind === 'hold-ended')?.values as { leakPaM3S: number; series: object[] };
  expect(ended).toMatchObject({ verdict: 'leaking', readings: 700, series: [{ series, samples: 700, blocks: 2 }] });
  expect(ended.leakPaM3S).toBeCloseTo(0.02, 2);
  await expectProven(job, series);
  await note(job, 'vented', { hold, to: 'outdoors' });
  instrument.say(samples(701, 1));
  expect(await instrument.next('refused')).toMatchObject({ refused: { code: 'OUT_OF_ORDER' } });
});

test('what is noted of the hold is told to whoever speaks of it, and to no other', async () => {
  const [one, other] = [await paired(), await paired()];
  await note(one.job, 'hold-step', { hold: one.hold, pressure: bar(3.45) });
  expect(await one.instrument.next('noted')).toMatchObject({ noted: { kind: 'hold-step', values: { pressure: bar(3.45) } } });
  await expect(Promise.race([other.instrument.next('noted'), new Promise((late) => setTimeout(() => late('nothing'), 300))])).resolves.toBe(
    'nothing',
  );
  for (const { instrument } of [one, other]) instrument.socket.terminate();
});

test('a logger’s file is kept piece by piece, by its hash; the same piece again changes nothing, and all of it comes out as a table', async () => {
  const { job, hold } = await begun();
  const log = uuid();
  const instrument = { ...PROBE, name: 'hold.csv', log: { sha256: 'ab'.repeat(32), headings: ['time', 'kPa', 'pipe'] } };
  const ilta = await server.as('ilta');
  const piece = (rows: object) => ilta.put(`/api/jobs/${job}/holds/${hold}/logs/${log}`).send({ instrument, ...rows });
  await piece(samples(1, 700)).expect(200);
  await piece(samples(1, 700)).expect(200);
  expect((await piece(samples(701, 5)).expect(200)).body).toEqual({ samples: 705 });
  expect((await entries(job)).find(({ kind }) => kind === 'series-began')?.values).toMatchObject({
    instrument: { log: { sha256: 'ab'.repeat(32) } },
  });
  const { text } = await (await server.as('bo')).get(`/api/jobs/${job}/holds/${hold}/samples.csv`).expect(200);
  const lines = text.split('\r\n');
  expect([lines.length, lines[0], lines[1]?.split(',').slice(1)]).toEqual([707, 'time,gauge kPag,pipe C', ['1999.9', '18']]);
  const { body } = await piece({ samples: [[706, T0, 1.5, 2]] }).expect(400);
  expect(body.error.field).toContain('samples');
});

describe('is not let in', () => {
  test.each([
    ['a page of another site', { origin: 'http://elsewhere.example' }, '', '403'],
    ['a browser with its cookie', { headers: { cookie: 'kesto=x' } }, '', '403'],
    ['another name for this server', { headers: { host: 'elsewhere.example' } }, '', '400'],
    ['another path', {}, '/more', '404'],
    ['a code in the address', {}, '?pair=ABCD', '400'],
  ])('%s', (_who, options, path, status) => expect(connect(options, url + path)).rejects.toThrow(status));

  test.each([
    ['samples before a code', samples(1, 1), 'FORBIDDEN'],
    ['a token nobody gave', { token: `${DEMO_SHOP}.abc` }, 'FORBIDDEN'],
    ['a token of another shop’s making', { token: `${uuid()}.abc` }, 'FORBIDDEN'],
    ['two things at once', { token: 'x', samples: [] }, 'INVALID_INPUT'],
    ['half a step', { samples: [[1, T0, 1.5, 2]] }, 'INVALID_INPUT'],
    ['an instrument of no kind', { pair: 'ABCD', instrument: { ...PROBE, kind: 'nose' } }, 'INVALID_INPUT'],
  ])('%s', async (_what, message, code) => {
    const stranger = await connect();
    stranger.say(message);
    expect(await stranger.next('refused')).toMatchObject({ refused: { code } });
  });

  test('a message of a hundred kilobytes, or a flood of them: the line is cut', async () => {
    const cut = async (send: (socket: WebSocket) => void) => {
      const { socket } = await connect();
      const closed = new Promise((done) => socket.once('close', done));
      send(socket);
      return closed;
    };
    await cut((socket) => socket.send('x'.repeat(100_000)));
    await cut((socket) => {
      for (let i = 0; i < 200; i++) socket.send('{}');
    });
  });
});
