// One start for each data folder, and nothing is removed that the same run did not make.
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
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
const run = (args) => spawnSync(process.execPath, args, { encoding: 'utf8', timeout: 60_000 });

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
  const broken = script(
    `process.env.LC_ALL = 'x'; import { startCluster } from '${root}scripts/lib/postgres.mjs'; await startCluster('${dir}');`,
  );
  chmodSync(dir, 0o700); // PostgreSQL's own user cannot pass
  const start = run(broken);
  chmodSync(dir, 0o755);
  if (process.getuid?.() !== 0) return; // run by its owner, PostgreSQL can pass
  assert.equal(start.status, 1);
  assert.deepEqual(readdirSync(dir).sort(), ['keep.txt', 'socket']);
});
