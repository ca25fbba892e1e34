// A backup brings back everything, is told from damage, and is never restored over anything.
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { chmodSync, existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { after, before, test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { startApplication } from '../lib/application.mjs';
import { freePort } from '../lib/freePort.mjs';

const root = fileURLToPath(new URL('../..', import.meta.url));
process.chdir(root);
const folder = mkdtempSync(path.join(tmpdir(), 'kesto-backup-test-'));
chmodSync(folder, 0o755);
const at = (name) => path.join(folder, name);
const PASS = at('passphrase');
const sealed = at('sealed.kesto');

const run = (name, ...args) => spawnSync(process.execPath, [`scripts/${name}.mjs`, ...args], { encoding: 'utf8', timeout: 120_000 });
const refused = (outcome, words) => {
  assert.equal(outcome.status, 1);
  assert.match(outcome.stderr, words);
  assert.doesNotMatch(outcome.stderr, /at .*\.mjs:\d+/);
};

before(async () => {
  writeFileSync(PASS, 'silver before copper\n');
  const app = await startApplication({ dataDir: at('shop'), port: await freePort() });
  // What is there is sealed soon after the start, which makes the shop's key.
  for (let i = 0; i < 100 && !existsSync(at('shop/shop-keys')); i += 1) await new Promise((resolve) => setTimeout(resolve, 100));
  await app.stop();
});
after(() => rmSync(folder, { recursive: true, force: true }));

test('an encrypted backup holds no readable row, and only its owner may read the file', () => {
  const outcome = run('backup', sealed, '--data', at('shop'), '--passphrase-file', PASS);
  assert.equal(outcome.status, 0, outcome.stderr);
  assert.match(outcome.stdout, /encrypted, \d+ chains with 201 entries, 0 broken/);
  assert.equal(statSync(sealed).mode & 0o777, 0o600);
  assert.ok(!readFileSync(sealed).includes('Lumikero'));
});

test('it is never written over another', () => refused(run('backup', sealed, '--data', at('shop')), /there already/));

test('restored, every table has its rows and every chain holds; the application starts on it', async () => {
  const outcome = run('restore', sealed, '--data', at('restored'), '--passphrase-file', PASS);
  assert.equal(outcome.status, 0, outcome.stderr);
  assert.match(outcome.stdout, /ledger +201 +201/);
  assert.match(outcome.stdout, /\d+ chains checked, 0 broken/);
  const app = await startApplication({ dataDir: at('restored'), port: await freePort() });
  try {
    const body = JSON.stringify({ login: 'ilta', password: 'copper-before-filler' });
    const answer = await fetch(`${app.url}/api/session`, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
    assert.equal(answer.status, 201);
    // The key came with it, and signs nothing until somebody says that this is the server now.
    assert.equal(readdirSync(at('restored/shop-keys')).length, 1);
    const cookie = answer.headers.get('set-cookie').split(';')[0];
    const seal = await (await fetch(`${app.url}/api/seal`, { headers: { cookie } })).json();
    assert.equal(seal.state, 'restored-copy');
  } finally {
    await app.stop();
  }
});

test('nothing is restored over anything, without its passphrase, or from what is damaged', () => {
  refused(run('restore', sealed, '--data', at('restored'), '--passphrase-file', PASS), /not empty/);
  refused(run('restore', sealed, '--data', at('other')), /encrypted and no passphrase/);
  writeFileSync(at('wrong'), 'copper');
  refused(run('restore', sealed, '--data', at('other'), '--passphrase-file', at('wrong')), /does not open/);
  const damaged = readFileSync(sealed);
  damaged[damaged.length - 40] ^= 1;
  writeFileSync(at('damaged.kesto'), damaged);
  refused(run('restore', at('damaged.kesto'), '--data', at('other'), '--passphrase-file', PASS), /cannot be read as a backup/);
});

test('a role that row-level security binds backs up nothing, and says so', async () => {
  const { startCluster, stopCluster } = await import('../lib/postgres.mjs');
  const cluster = await startCluster(at('shop/pg'));
  const password = readFileSync(at('shop/kesto_app.password'), 'utf8').trim();
  const url = new URL(cluster.url('kesto'));
  url.username = 'kesto_app';
  url.password = password;
  const env = { ...process.env, DATABASE_URL: url.toString() };
  const outcome = spawnSync(process.execPath, ['scripts/backup.mjs', at('none.kesto')], { encoding: 'utf8', env });
  stopCluster(cluster);
  refused(outcome, /bound by row-level security/);
});

const JOB = '0193a000-0000-7000-8000-000000000046';
const json = { 'content-type': 'application/json' };

async function signedIn(url) {
  const body = JSON.stringify({ login: 'ilta', password: 'copper-before-filler' });
  const answer = await fetch(`${url}/api/session`, { method: 'POST', headers: json, body });
  return answer.headers.get('set-cookie').split(';')[0];
}

/** Notes one thing after another until it is told to stop; answers how many were stored. */
async function keepsNoting(url, going) {
  const cookie = await signedIn(url);
  let stored = 0;
  while (going()) {
    const body = { stage: 'find', kind: 'complaint', deviceTime: new Date().toISOString(), values: { text: `no. ${stored}` }, photos: [] };
    const init = { method: 'PUT', headers: { ...json, cookie }, body: JSON.stringify(body) };
    const answer = await fetch(`${url}/api/jobs/${JOB}/stages/${randomUUID()}`, init);
    stored += answer.status === 200 ? 1 : 0;
  }
  return stored;
}

const ends = (child) => new Promise((resolve) => child.once('close', resolve));
const saidBy = (child) => {
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
  return () => said;
};
const begin = (name, ...args) => spawn(process.execPath, [`scripts/${name}.mjs`, ...args], { stdio: ['ignore', 'pipe', 'pipe'] });

test('made while people work it holds one moment: it is restored whole, and the running shop verifies', async () => {
  const app = await startApplication({ dataDir: at('shop'), port: await freePort() });
  let going = true;
  const noting = keepsNoting(app.url, () => going);
  try {
    const backup = begin('backup', at('busy.kesto'), '--data', at('shop'));
    const said = saidBy(backup);
    assert.equal(await ends(backup), 0, said());
    const check = begin('verifyAll', '--data', at('shop'));
    const found = saidBy(check);
    assert.equal(await ends(check), 0, found());
    assert.match(found(), /chains with \d+ entries checked, 0 broken/);
  } finally {
    going = false;
    assert.ok((await noting) > 5);
    await app.stop();
  }
  const outcome = run('restore', at('busy.kesto'), '--data', at('busy'));
  assert.equal(outcome.status, 0, outcome.stdout + outcome.stderr);
  assert.doesNotMatch(outcome.stdout, /^ +session/m);
});

test('a restore that is broken off leaves no clear dump and no database running', async () => {
  const temporary = () => readdirSync(tmpdir()).filter((name) => name.startsWith('kesto-restore-'));
  const before = temporary();
  const restore = begin('restore', at('busy.kesto'), '--data', at('broken-off'));
  const said = saidBy(restore);
  while (!said().includes('starting the database')) await new Promise((resolve) => setTimeout(resolve, 20));
  restore.kill('SIGTERM');
  await ends(restore);
  assert.deepEqual(temporary(), before);
  const { clusterOf, isRunning, postgresBinaries } = await import('../lib/postgres.mjs');
  assert.equal(isRunning({ bin: postgresBinaries(), folder: clusterOf(at('broken-off/pg')) }), false);
});

test('on an existing PostgreSQL: as docs/RUNNING.md says, by a role of its own', async () => {
  const { startCluster, stopCluster } = await import('../lib/postgres.mjs');
  const { default: pg } = await import('pg');
  const cluster = await startCluster(at('elsewhere/pg'));
  const asked = async (...statements) => {
    const client = new pg.Client({ connectionString: cluster.url('postgres') });
    await client.connect();
    for (const statement of statements) await client.query(statement);
    await client.end();
  };
  const as = (user) => cluster.url('kesto').replace(/\/\/[^@]+@/, `//${user}:x@`);
  try {
    await asked(`create role kesto_admin createrole login password 'x'`, 'create database kesto owner kesto_admin');
    const env = { ...process.env, DATABASE_URL: as('kesto_admin'), KESTO_DATA: at('elsewhere'), PORT: String(await freePort()) };
    const server = spawn(process.execPath, ['server/dist/main.mjs'], { env, stdio: ['ignore', 'pipe', 'pipe'] });
    const said = saidBy(server);
    while (!said().includes('ready')) {
      assert.equal(server.exitCode, null, said());
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    await asked(
      ...[`create role kesto_backup login password 'x'`, 'alter role kesto_backup bypassrls', 'grant pg_read_all_data to kesto_backup'],
      'grant connect on database kesto to kesto_backup',
    );
    const backup = spawnSync(process.execPath, ['scripts/backup.mjs', at('elsewhere.kesto'), '--data', at('not-there-yet')], {
      encoding: 'utf8',
      env: { ...process.env, KESTO_BACKUP_URL: as('kesto_backup') },
    });
    server.kill('SIGTERM');
    await ends(server);
    assert.equal(backup.status, 0, backup.stdout + backup.stderr);
    assert.match(backup.stdout, /201 entries, 0 broken/);
  } finally {
    stopCluster(cluster);
  }
  const restored = run('restore', at('elsewhere.kesto'), '--data', at('elsewhere-restored'));
  assert.equal(restored.status, 0, restored.stdout + restored.stderr);
});
