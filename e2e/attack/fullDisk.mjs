// The disk runs full under the application and is emptied again: nothing half stored is acknowledged, and it goes on by itself.
import { closeSync, openSync, rmSync, writeSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { call, JOB, signIn } from './people.mjs';

const CHUNK = Buffer.alloc(64 * 1024, 1);

function fill(file) {
  const handle = openSync(file, 'w');
  try {
    for (;;) writeSync(handle, CHUNK);
  } catch (error) {
    if (error.code !== 'ENOSPC') throw error;
  } finally {
    closeSync(handle);
  }
}

const bigNote = () => ({
  kind: 'sum',
  values: {
    calculator: 'purge',
    given: Array.from({ length: 30 }, () => ({ label: 'x', text: randomUUID().repeat(5) })),
    answers: [{ label: 'x', text: 'x' }],
  },
});

const put = (url, cookie, id) => call(url, cookie, 'PUT', `/api/jobs/${JOB}/entries/${id}`, bigNote()).catch(() => ({ status: 0 }));

export async function onFullDisk(url, folder) {
  const cookie = await signIn(url, 'ilta');
  const before = (await call(url, cookie, 'GET', `/api/jobs/${JOB}`)).body.sums.length;
  const filler = path.join(folder, 'filler');
  const statuses = new Map();
  const acknowledged = [];
  fill(filler);
  for (let i = 0; i < 60; i++) {
    const id = randomUUID();
    const { status } = await put(url, cookie, id);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status === 200) acknowledged.push(id);
  }
  rmSync(filler);
  let recovered = false;
  for (let i = 0; i < 60 && !recovered; i++) {
    await wait(500);
    const id = randomUUID();
    const { status } = await put(url, cookie, id);
    recovered = status === 200;
    if (recovered) acknowledged.push(id);
  }
  const stored = recovered ? (await call(url, cookie, 'GET', `/api/jobs/${JOB}`)).body.sums : [];
  const ids = new Set(stored.map((sum) => sum.id));
  return {
    statuses: Object.fromEntries([...statuses].sort(([a], [b]) => a - b)),
    acknowledged: acknowledged.length,
    lost: acknowledged.filter((id) => !ids.has(id)).length,
    before,
    recovered,
  };
}
