import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { readEntry, type JointLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { WebSocket } from 'ws';
import { DEMO_PASSWORD } from './features/demo';
import { freshDatabase } from './testing/database';
import { brazedBody, lookBody, OPEN_JOB, planBody } from './testing/examples';

const BUNDLE = path.join(__dirname, '../dist/main.mjs');
const PORT = 18_000 + (process.pid % 1000);
const BASE = `http://127.0.0.1:${PORT}`;

function startServer(env: Record<string, string>): Promise<ChildProcess> {
  const child = spawn(process.execPath, [BUNDLE], { env: { ...process.env, ...env }, stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
  return new Promise((resolve, reject) => {
    child.once('message', () => resolve(child));
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
}

const died = (child: ChildProcess) => new Promise((resolve) => child.once('exit', resolve));

async function call(method: string, address: string, options: { body?: unknown; cookie?: string } = {}) {
  const response = await fetch(BASE + address, {
    method,
    headers: { 'content-type': 'application/json', ...(options.cookie ? { cookie: options.cookie } : {}) },
    ...(options.body === undefined ? {} : { body: JSON.stringify(options.body) }),
  });
  return {
    status: response.status,
    cookie: response.headers.get('set-cookie')?.split(';')[0] ?? '',
    body: (await response.json()) as never,
  };
}

test('killed between two saves, the server keeps all it acknowledged and loses nothing half done', async () => {
  const database = await freshDatabase();
  const env = { DATABASE_URL: database.ownerUrl, KESTO_DATA: database.dataDir, PORT: String(PORT), KESTO_LOG: 'silent' };
  let server = await startServer(env);
  const { cookie } = await call('POST', '/api/session', { body: { login: 'ilta', password: DEMO_PASSWORD } });
  const joint = uuid();
  await call('PUT', `/api/jobs/${OPEN_JOB}/joints/${joint}`, { body: { title: 'Killed' }, cookie });
  expect((await call('PUT', `/api/joints/${joint}/plans/${uuid()}`, { body: planBody(), cookie })).status).toBe(200);
  const braze = uuid();
  const acknowledged = await call('PUT', `/api/joints/${joint}/entries/${braze}`, { body: brazedBody(), cookie });
  expect(acknowledged.status).toBe(200);

  const look = uuid();
  const underWay = call('PUT', `/api/joints/${joint}/entries/${look}`, { body: lookBody(), cookie }).catch(() => null);
  await wait(2);
  const gone = died(server);
  server.kill('SIGKILL');
  await gone;
  const answered = await underWay;

  server = await startServer(env);
  const kept = (await call('GET', `/api/joints/${joint}`, { cookie })).body as { entries: JointLink[] };
  const ids = kept.entries.map((link) => readEntry(link).id);
  expect(ids).toContain(braze);
  if (answered?.status === 200) expect(ids).toContain(look);

  // The device cannot know whether the last one arrived: it sends it again under the same id, and there is one.
  expect((await call('PUT', `/api/joints/${joint}/entries/${look}`, { body: lookBody(), cookie })).status).toBe(200);
  const after = (await call('GET', `/api/joints/${joint}`, { cookie })).body as { state: string; entries: unknown[] };
  expect(after).toMatchObject({ state: 'passed' });
  expect(after.entries).toHaveLength(3);
  const end = died(server);
  server.kill('SIGTERM');
  await end;
  await database.drop();
}, 60_000);

/** A probe that keeps what is not acknowledged, and comes back by its token. */
class Probe {
  private kept: (readonly number[])[] = [];
  private n = 0;
  private token: string | null = null;
  acked = 0;

  constructor(private readonly code: string) {}

  /** All that was read is safe. */
  get isHeard(): boolean {
    return this.kept.length === 0;
  }

  read(): void {
    this.n += 1;
    this.kept.push([this.n, Date.now(), 20_000 - this.n, 180]);
  }

  /** One connection: says who it is, then sends what is kept until the line is cut. */
  async speak(): Promise<void> {
    const socket = new WebSocket(`${BASE.replace('http', 'ws')}/live`);
    await new Promise<void>((over) => {
      socket.on('error', () => undefined);
      socket.on('close', () => over());
      const columns = [{ quantity: 'gauge-pressure', step: 0.1 }, { quantity: 'pipe-temperature', step: 0.1 }]; // prettier-ignore
      socket.on('open', () =>
        socket.send(
          JSON.stringify(
            this.token === null
              ? { pair: this.code, instrument: { kind: 'pressure-temperature', name: 'P-7', columns } }
              : { token: this.token },
          ),
        ),
      );
      socket.on('message', (data) => {
        const { paired, ack } = JSON.parse(String(data)) as { paired?: { token: string }; ack?: number };
        if (paired) this.token = paired.token;
        if (ack !== undefined) {
          this.acked = ack;
          this.kept = this.kept.filter(([n = 0]) => n > ack);
        }
        if (this.kept.length > 0) socket.send(JSON.stringify({ samples: this.kept.slice(0, 500) }));
        else setTimeout(() => socket.send(JSON.stringify({ samples: this.kept })), 50);
      });
    });
  }
}

test('killed while an instrument speaks, the server has every sample once', async () => {
  const database = await freshDatabase();
  const env = { DATABASE_URL: database.ownerUrl, KESTO_DATA: database.dataDir, PORT: String(PORT), KESTO_LOG: 'silent' };
  let server = await startServer(env);
  const { cookie } = await call('POST', '/api/session', { body: { login: 'ilta', password: DEMO_PASSWORD } });
  const hold = uuid();
  const C = { value: 18, unit: 'C' };
  const began = {
    ...{ parts: [], rig: true, volume: { value: 0.3, unit: 'L' }, pressure: { value: 20, unit: 'barg' }, gas: 'nitrogen', ambient: C },
    ...{ gauge: { name: 'G-3', resolution: { value: 1, unit: 'kPa' } }, temperatureUncertaintyK: 0.3, practice: 'data-plate' },
  };
  const body = { stage: 'hold', kind: 'hold-began', values: began, deviceTime: new Date().toISOString(), photos: [] };
  expect((await call('PUT', `/api/jobs/${OPEN_JOB}/stages/${hold}`, { body, cookie })).status).toBe(200);
  const pairing = (await call('PUT', `/api/jobs/${OPEN_JOB}/pairings/${uuid()}`, { body: { hold }, cookie })).body as { code: string };
  const probe = new Probe(pairing.code);
  const reading = setInterval(() => probe.read(), 5);
  for (let kills = 0; kills < 3; kills++) {
    const spoken = probe.speak();
    await wait(1500 + 700 * kills);
    const gone = died(server);
    server.kill('SIGKILL');
    await Promise.all([gone, spoken]);
    server = await startServer(env);
  }
  clearInterval(reading);
  const spoken = probe.speak();
  for (let waited = 0; waited < 30_000 && !probe.isHeard; waited += 100) await wait(100);
  const live = (await call('GET', `/api/jobs/${OPEN_JOB}/holds/${hold}/live`, { cookie })).body as {
    series: { samples: number; disagreements: number }[];
  };
  expect(probe.acked).toBeGreaterThan(300);
  expect(live.series).toMatchObject([{ samples: probe.acked, disagreements: 0 }]);
  const end = died(server);
  server.kill('SIGTERM');
  await Promise.all([end, spoken]);
  await database.drop();
}, 90_000);
