// A start that is killed while it moves a database over goes on at the next start, wherever it was: nobody has to put a hand to it.
import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';

const READY_MS = 120_000;

/** The server by itself, on one database of a cluster that stands. */
function started(url, dataDir) {
  mkdirSync(dataDir, { recursive: true });
  const env = {
    ...process.env,
    DATABASE_URL: url,
    KESTO_DATA: dataDir,
    KESTO_DEMO: 'no',
    PORT: '0',
    KESTO_APP_PASSWORD: 'one for all folders of a trial',
  };
  const child = spawn(process.execPath, ['server/dist/main.mjs'], { env, stdio: ['ignore', 'pipe', 'pipe'] });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text));
  const ended = new Promise((resolve) => child.once('close', resolve));
  return { child, ended, said: () => said };
}

async function isReady({ child, ended, said }) {
  const until = Date.now() + READY_MS;
  let over = false;
  void ended.then(() => (over = true));
  while (!over && Date.now() < until) {
    if (said().includes('"ready"')) break;
    await wait(20);
  }
  const ready = said().includes('"ready"');
  child.kill('SIGKILL');
  await ended;
  return ready;
}

/**
 * Copies the former database for each round, kills the start at a moment drawn from the length of a whole one, starts again.
 * `inspect` answers for a database: how many rows its tables hold, and which chains are broken.
 */
export async function underMigrationKills({ cluster, ensureDatabase, former, inspect, rounds, random, dataDir, untilMs }) {
  const copy = (name) => ensureDatabase(cluster, name, { fresh: true, template: former });
  await copy('whole');
  const began = Date.now();
  if (!(await isReady(started(cluster.url('whole'), path.join(dataDir, `${former}whole`)))))
    throw new Error('a start that nobody kills is not ready');
  const wholeMs = Date.now() - began;
  const expected = JSON.stringify((await inspect(cluster.url('whole'))).counts);
  const result = { rounds: 0, killedMs: wholeMs, stuck: 0, broken: 0, differing: 0, early: 0 };
  while (result.rounds < rounds && Date.now() < untilMs) {
    const name = `round${result.rounds % 2}`;
    await copy(name);
    const url = cluster.url(name);
    const folder = path.join(dataDir, `${former}${result.rounds}`);
    const first = started(url, folder);
    await wait(random() * wholeMs);
    if (!first.said().includes('"ready"')) result.early += 1;
    first.child.kill('SIGKILL');
    await first.ended;
    if (!(await isReady(started(url, folder)))) result.stuck += 1;
    const found = await inspect(url);
    result.broken += found.broken.length;
    if (JSON.stringify(found.counts) !== expected) result.differing += 1;
    result.rounds += 1;
  }
  return result;
}
