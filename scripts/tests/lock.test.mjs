// One start for each data folder, and nothing is removed that the same run did not make.
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, cpSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { after, test } from 'node:test';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));
const folder = mkdtempSync(path.join(tmpdir(), 'kesto-lock-'));
chmodSync(folder, 0o755);
after(() => rmSync(folder, { recursive: true, force: true }));

const script = (body) => ['--input-type=module', '-e', body];
const lockScript = (dir, then) =>
  script(`import { lockFolder } from '${root}scripts/lib/lock.mjs'; const lock = lockFolder('${dir}'); ${then}`);
const clusterScript = (dir) =>
  script(
    `import { startCluster, stopCluster } from '${root}scripts/lib/postgres.mjs'; const c = await startCluster('${dir}'); console.log('made'); stopCluster(c);`,
  );
const run = (args, env = {}) => spawnSync(process.execPath, args, { encoding: 'utf8', timeout: 60_000, env: { ...process.env, ...env } });
const elsewhere = () => (existsSync('/var/lib/kesto') ? readdirSync('/var/lib/kesto') : []);

function place(name) {
  const dir = path.join(folder, name);
  mkdirSync(dir, { recursive: true });
  return dir;
}

test('a second start names the process that holds the folder, and ends', async () => {
  const dir = place('held');
  const holder = spawn(process.execPath, lockScript(dir, `console.log('held'); setTimeout(() => lock.release(), 5000);`));
  await new Promise((resolve) => holder.stdout.once('data', resolve));
  const second = run(lockScript(dir, ''));
  holder.kill('SIGKILL');
  assert.equal(second.status, 1);
  assert.match(second.stderr, new RegExp(`in use by process ${holder.pid}`));
});

test('a holder that is gone holds nothing; of many who find it so, one gets in', async () => {
  const dir = place('stale');
  writeFileSync(path.join(dir, 'kesto.lock'), JSON.stringify({ pid: 999_999, began: '1', at: 'yesterday' }));
  const tries = Array.from(
    { length: 6 },
    () =>
      new Promise((resolve) => {
        const child = spawn(process.execPath, lockScript(dir, 'setTimeout(() => lock.release(), 1500);'), { stdio: 'ignore' });
        child.once('exit', resolve);
      }),
  );
  const codes = await Promise.all(tries);
  assert.deepEqual([...codes].sort(), [0, 1, 1, 1, 1, 1]);
});

test('released, it is there for the next', () => {
  const dir = place('free');
  assert.equal(run(lockScript(dir, 'lock.release();')).status, 0);
  assert.equal(run(lockScript(dir, 'lock.release();')).status, 0);
});

test('a database without its version is left as it is, to the last file', () => {
  const dir = place('half');
  mkdirSync(path.join(dir, 'data/base'), { recursive: true });
  writeFileSync(path.join(dir, 'data/base/1259'), 'rows');
  const start = run(clusterScript(dir));
  assert.equal(start.status, 1);
  assert.match(start.stderr, /not whole, left as it is/);
  assert.ok(existsSync(path.join(dir, 'data/base/1259')));
});

test('an initdb that fails removes what it made and nothing else', () => {
  const dir = place('failing');
  writeFileSync(path.join(dir, 'keep.txt'), 'mine');
  // Where PostgreSQL's own user is asked, nobody answers: neither here nor elsewhere can the cluster be made.
  writeFileSync(path.join(folder, 'runuser'), '#!/bin/sh\nexit 1\n', { mode: 0o755 });
  if (process.getuid?.() !== 0) return; // run by its owner, PostgreSQL is asked directly
  const before = elsewhere();
  const start = run(clusterScript(dir), { PATH: `${folder}:${process.env.PATH}` });
  assert.equal(start.status, 1);
  assert.match(start.stderr, /making the database cluster failed/);
  assert.deepEqual(readdirSync(dir), ['keep.txt']);
  assert.deepEqual(elsewhere(), before);
});

test('where PostgreSQL’s own user cannot pass, the database lies elsewhere, found again by its path, and no folder’s mode is changed', () => {
  if (process.getuid?.() !== 0) return; // run by its owner, PostgreSQL can pass
  const home = place('a home');
  const dir = path.join(home, 'var/pg');
  chmodSync(home, 0o700);
  assert.match(run(clusterScript(dir)).stdout, /the database lies in \/var\/lib\/kesto\/[0-9a-f]{12}\n[^]*made/);
  assert.equal(statSync(home).mode & 0o777, 0o700);
  const at = readFileSync(path.join(dir, 'cluster-is-at'), 'utf8').trim();
  try {
    const again = run(clusterScript(dir));
    assert.doesNotMatch(again.stdout, /making a private/);
    assert.match(again.stdout, /made/);
    const copy = path.join(home, 'copy');
    cpSync(dir, copy, { recursive: true });
    assert.match(run(clusterScript(copy)).stderr, /this folder is a copy/);
    rmSync(dir, { recursive: true });
    assert.equal(run(clusterScript(copy)).status, 0, 'moved, it takes its database along');
  } finally {
    rmSync(at, { recursive: true, force: true });
  }
});
