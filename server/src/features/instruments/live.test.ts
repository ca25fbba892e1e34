import { blockHash, MANIFEST, seriesPath, verifyJob, verifySeries, type JobManifest } from '@kesto/core';
import { unzipSync } from 'fflate';
import type { Response } from 'superagent';
import { v7 as uuid } from 'uuid';
import type { WebSocket } from 'ws';
import { bar } from '../../testing/jobs';
import { liveLines, PROBE, sample, samples, T0, type LiveLines } from '../../testing/liveLines';
import { DEMO_SHOP } from '../demo';

let lines: LiveLines;
beforeAll(async () => {
  lines = await liveLines();
});
afterAll(() => lines.close());

const brokenIn = (parts: Map<string, Uint8Array>) => {
  const result = verifyJob(parts);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value.intact ? null : result.value.firstBroken;
};
/** The job's file holds the samples; whoever exchanges or leaves out a block is found, though the list was written anew. */
async function expectProven(job: string, series: string): Promise<void> {
  const { body } = await (await lines.server.as('bo')).get(`/api/jobs/${job}/record.zip`).buffer(true).parse(asBytes).expect(200);
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
  const { job, hold, code, series, instrument } = await lines.paired();
  expect((await lines.entries(job)).find(({ kind }) => kind === 'series-began')).toMatchObject({
    by: 'Kesto',
    values: { hold, series, instrument: { name: 'P-7' } },
  });
  instrument.socket.terminate();
  const again = await lines.connect();
  again.say({ pair: code, instrument: PROBE });
  expect(await again.next('refused')).toMatchObject({ refused: { code: 'NOT_FOUND' } });
});

test('samples are acknowledged once they are safe; after a break it goes on from there, none lost, none twice', async () => {
  const { job, hold, token, instrument, series } = await lines.paired();
  instrument.say(samples(1, 900));
  for (let ack = 0; ack < 900;) ack = Number((await instrument.next('ack'))['ack']);
  instrument.socket.terminate();
  const back = await lines.connect();
  back.say({ token });
  expect(await back.next('ack')).toEqual({ ack: 900 });
  back.say(samples(850, 500));
  for (let ack = 0; ack < 1349;) ack = Number((await back.next('ack'))['ack']);
  const told = await lines.live(job, hold);
  expect(told.series).toMatchObject([{ id: series, samples: 1349, disagreements: 0, isSilent: false }]);
  const kept = await lines.server.store.inShop(DEMO_SHOP, (shop) => shop.series.blocksOf(series, 1));
  expect(verifySeries(series, kept.map(({ bytes }) => new Uint8Array(bytes)))).toMatchObject({ ok: true, seen: { blocks: 2, samples: 1200, missing: 0 } }); // prettier-ignore
  expect(kept.map(({ bytes, hash }) => blockHash(new Uint8Array(bytes)) === hash)).toEqual([true, true]);
  back.socket.terminate();
});

test('the same count with another value is kept as a disagreement, and the first stands', async () => {
  const { job, hold, instrument } = await lines.paired();
  instrument.say(samples(1, 10));
  await instrument.next('ack');
  instrument.say({ samples: [sample(4), sample(5, 777), sample(11)] });
  await instrument.next('ack');
  const { series, points } = await lines.live(job, hold);
  expect(series[0]).toMatchObject({ samples: 11, disagreements: 1 });
  expect(points.map(({ gaugePa }) => Math.round(gaugePa / 100))).toEqual(Array.from({ length: 11 }, (_, i) => 19_999 - i));
});

test('ended, its verdict names the heads it was made from, and the server judged it by all samples', async () => {
  const { job, hold, instrument, series } = await lines.paired();
  await lines.note(job, 'hold-step', { hold, pressure: bar(20) });
  await lines.note(job, 'supply-shut', { hold });
  const from = Date.now() + 16 * 60_000;
  // 2 L that lose 10 Pa a second: 0.02 Pa m3/s.
  const falling = Array.from({ length: 700 }, (_, i) => [i + 1, from + 3000 * i, Math.round(20_000 - 0.3 * i), 180]);
  instrument.say({ samples: falling });
  for (let ack = 0; ack < 700;) ack = Number((await instrument.next('ack'))['ack']);
  await lines.note(job, 'hold-ended', { hold });
  const ended = (await lines.entries(job)).find(({ kind }) => kind === 'hold-ended')?.values as { leakPaM3S: number; series: object[] };
  expect(ended).toMatchObject({ verdict: 'leaking', readings: 700, series: [{ series, samples: 700, blocks: 2 }] });
  expect(ended.leakPaM3S).toBeCloseTo(0.02, 2);
  await expectProven(job, series);
  await lines.note(job, 'vented', { hold, to: 'outdoors' });
  instrument.say(samples(701, 1));
  expect(await instrument.next('refused')).toMatchObject({ refused: { code: 'OUT_OF_ORDER' } });
});

test('what is noted of the hold is told to whoever speaks of it, and to no other', async () => {
  const [one, other] = [await lines.paired(), await lines.paired()];
  await lines.note(one.job, 'hold-step', { hold: one.hold, pressure: bar(3.45) });
  expect(await one.instrument.next('noted')).toMatchObject({ noted: { kind: 'hold-step', values: { pressure: bar(3.45) } } });
  await expect(Promise.race([other.instrument.next('noted'), new Promise((late) => setTimeout(() => late('nothing'), 300))])).resolves.toBe(
    'nothing',
  );
  for (const { instrument } of [one, other]) instrument.socket.terminate();
});

test('a logger’s file is kept piece by piece, by its hash; the same piece again changes nothing, and all of it comes out as a table', async () => {
  const { job, hold } = await lines.begun();
  const log = uuid();
  const instrument = { ...PROBE, name: 'hold.csv', log: { sha256: 'ab'.repeat(32), headings: ['time', 'kPa', 'pipe'] } };
  const ilta = await lines.server.as('ilta');
  const piece = (rows: object) => ilta.put(`/api/jobs/${job}/holds/${hold}/logs/${log}`).send({ instrument, ...rows });
  await piece(samples(1, 700)).expect(200);
  await piece(samples(1, 700)).expect(200);
  expect((await piece(samples(701, 5)).expect(200)).body).toEqual({ samples: 705 });
  expect((await lines.entries(job)).find(({ kind }) => kind === 'series-began')?.values).toMatchObject({
    instrument: { log: { sha256: 'ab'.repeat(32) } },
  });
  const { text } = await (await lines.server.as('bo')).get(`/api/jobs/${job}/holds/${hold}/samples.csv`).expect(200);
  const rows = text.split('\r\n');
  expect([rows.length, rows[0], rows[1]?.split(',').slice(1)]).toEqual([707, 'time,gauge kPag,pipe C', ['1999.9', '18']]);
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
  ])('%s', (_who, options, path, status) => expect(lines.connect(options, lines.url + path)).rejects.toThrow(status));

  test.each([
    ['samples before a code', samples(1, 1), 'FORBIDDEN'],
    ['a token nobody gave', { token: `${DEMO_SHOP}.abc` }, 'FORBIDDEN'],
    ['a token of another shop’s making', { token: `${uuid()}.abc` }, 'FORBIDDEN'],
    ['two things at once', { token: 'x', samples: [] }, 'INVALID_INPUT'],
    ['half a step', { samples: [[1, T0, 1.5, 2]] }, 'INVALID_INPUT'],
    ['an instrument of no kind', { pair: 'ABCD', instrument: { ...PROBE, kind: 'nose' } }, 'INVALID_INPUT'],
  ])('%s', async (_what, message, code) => {
    const stranger = await lines.connect();
    stranger.say(message);
    expect(await stranger.next('refused')).toMatchObject({ refused: { code } });
  });

  test('a message of a hundred kilobytes, or a flood of them: the line is cut', async () => {
    const cut = async (send: (socket: WebSocket) => void) => {
      const { socket } = await lines.connect();
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
