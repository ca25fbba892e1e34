import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { readEntry, type JointLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
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
