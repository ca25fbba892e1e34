import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { HoldLive } from '@kesto/contract';
import { factsIn, type JobLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { WebSocket } from 'ws';
import { watchDesk } from '../features/instruments';
import { watcher } from '../features/session';
import { listenLive } from '../platform/live/listenLive';
import { bar, openJob } from './jobs';
import { testServer } from './server';

/** One connection, as whoever opened it hears it. */
export interface Spoken {
  readonly socket: WebSocket;
  readonly say: (message: object) => void;
  /** The next message that holds this key. */
  readonly next: (key: string) => Promise<Readonly<Record<string, unknown>>>;
}

/** An instrument that reads a gauge and a pipe. */
export const PROBE = {
  ...{ kind: 'pressure-temperature', name: 'P-7' },
  columns: [{ quantity: 'gauge-pressure', step: 0.1 }, { quantity: 'pipe-temperature', step: 0.1 }], // prettier-ignore
};
const BEGAN = {
  ...{ parts: ['drier'], at: 'drier', rig: false, volume: { value: 2, unit: 'L' }, pressure: bar(20), gas: 'nitrogen' },
  ...{ gauge: { name: 'G-3', resolution: { value: 1, unit: 'kPa' } }, temperatureUncertaintyK: 0.3, practice: 'data-plate' },
  ambient: { value: 18, unit: 'C' },
};

export const T0 = Date.now();
export const sample = (n: number, gauge = 20_000 - n) => [n, T0 + 1000 * n, gauge, 180];
export const samples = (from: number, count: number) => ({ samples: Array.from({ length: count }, (_, i) => sample(from + i)) });

async function speak(options: object, at: string): Promise<Spoken> {
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

/** The application with its lines open: instruments speak at `/live`, pages watch at `/watch`. */
export async function liveLines() {
  const server = await testServer();
  const http = createServer(server.app);
  await new Promise<void>((done) => http.listen(0, '127.0.0.1', done));
  const watches = watchDesk({ ...server.ground, whoWatches: watcher(server.ground) });
  server.live.onNews(watches.isNew);
  const deaf = listenLive(http, {
    isOwnHost: (host) => host.startsWith('127.0.0.1'),
    ends: [
      { path: '/live', caller: 'instrument', onLine: server.live.answer },
      { path: '/watch', caller: 'page', onLine: watches.answer },
    ],
  });
  const host = `127.0.0.1:${(http.address() as AddressInfo).port}`; // cast: it listens at a port
  const url = `ws://${host}/live`;
  const connect = (options: object = {}, at = url) => speak(options, at);

  async function note(job: string, kind: string, values: object, id = uuid()): Promise<string> {
    const ilta = await server.as('ilta');
    const { status, body } = await ilta
      .put(`/api/jobs/${job}/stages/${id}`)
      .send({ stage: 'hold', kind, values, deviceTime: new Date().toISOString(), photos: [] });
    if (status !== 200) throw new Error(JSON.stringify(body));
    return id;
  }
  async function codeFor(job: string, hold: string): Promise<string> {
    const { body } = await (await server.as('ilta')).put(`/api/jobs/${job}/pairings/${uuid()}`).send({ hold }).expect(200);
    return body.code;
  }
  async function begun(): Promise<{ job: string; hold: string; code: string }> {
    const job = await openJob(server);
    const hold = await note(job, 'hold-began', BEGAN);
    return { job, hold, code: await codeFor(job, hold) };
  }
  async function joined(code: string, instrument: object = PROBE) {
    const spoken = await connect();
    spoken.say({ pair: code, instrument });
    const { token, series } = (await spoken.next('paired'))['paired'] as { token: string; series: string };
    return { instrument: spoken, token, series };
  }
  async function paired() {
    const held = await begun();
    return { ...held, ...(await joined(held.code)) };
  }
  /** A page that watches, as somebody who is signed in. */
  async function watching(login: string, watch: object, { person, origin = `http://${host}` }: { person: string; origin?: string }) {
    const page = await connect({ origin, headers: { cookie: await server.cookie(login) } }, `ws://${host}/watch`);
    page.say({ watch, person });
    return page;
  }
  const live = async (job: string, hold: string): Promise<HoldLive> =>
    (await (await server.as('bo')).get(`/api/jobs/${job}/holds/${hold}/live`).expect(200)).body;
  const entries = async (job: string) =>
    factsIn((await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body.stages.entries as JobLink[]);
  async function close(): Promise<void> {
    deaf();
    http.close();
    await server.close();
  }
  return { ...{ server, url, host, connect, note, codeFor, begun, joined, paired, watching, live, entries, close } };
}
export type LiveLines = Awaited<ReturnType<typeof liveLines>>;
