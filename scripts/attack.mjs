// Attacks a server of its own on loopback and says what held. `--short` is the part that every test run makes.
import { spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { fuzz } from '../e2e/attack/fuzz.mjs';
import { onFullDisk } from '../e2e/attack/fullDisk.mjs';
import { underGuesses, underSignIns } from '../e2e/attack/door.mjs';
import { underKills } from '../e2e/attack/kills.mjs';
import { underMigrationKills } from '../e2e/attack/migrationKills.mjs';
import { whoseEntries } from '../e2e/attack/whose.mjs';
import { startApplication } from './lib/application.mjs';
import { buildServer, installNodePackages } from './lib/build.mjs';
import { loadClient } from './lib/clientPage.mjs';
import { freePort } from './lib/freePort.mjs';
import { bundle } from './lib/bundle.mjs';
import { inspectDatabase } from './lib/inspect.mjs';
import { clusterOf, ensureDatabase, startCluster, stopCluster } from './lib/postgres.mjs';
import { step } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const short = process.argv.includes('--short');
const FUZZED = short ? 2_000 : 25_000;
const ROUNDS = short ? 3 : 20;
const SEED = 20_261_126;
const TMPFS_MB = 200;
const WHOSE = short ? 4 : 50;
const GUESSES = short ? 1_500 : 10_000;
const HONEST = short ? 12 : 57;
const GUESSERS = short ? 50 : 200;
/** Of kills while a database is moved over: how many, with how many plans of the first weeks, and how long at most. */
const MOVES = short ? 2 : 50;
const MOVES_OF_PLANS = short ? 1 : 5;
const PLANS = short ? 200 : 5_000;
const MOVED_WITHIN_MS = short ? 40_000 : 420_000;
const SIGN_INS = short ? HONEST : 40;

/** The same draws at every run. */
function seeded(seed) {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

installNodePackages();
await buildServer();
const failures = [];
const expect = (held, what) => {
  console.log(`  ${held ? 'held ' : 'BROKE'}  ${what}`);
  if (!held) failures.push(what);
};

async function fuzzing(dataDir) {
  step(`fuzzing: ${FUZZED} requests, seed ${SEED}`);
  const app = await startApplication({ dataDir, port: await freePort() });
  try {
    const result = await fuzz(app.url, { count: FUZZED, seed: SEED });
    console.log(`  ${result.requests} requests, ${result.serverErrors} of them 5xx:`, JSON.stringify(result.statuses));
    for (const fault of result.faults) console.log(`    ${fault}`);
    expect(result.serverErrors === 0, 'no request was answered as the server’s fault');
    expect((await fetch(`${app.url}/api/health`)).status === 200, 'the server answers afterwards');
    const log = readFileSync(app.logFile, 'utf8');
    expect(!/kesto_session=/.test(log), 'no session in the log');
    expect(log.length < 2_000_000, `the log stayed small (${log.length} characters)`);
  } finally {
    await app.stop();
  }
}

/** The server is started anew by whoever watches it; here that is this script, the database's watcher is the start's own. */
async function kills(dataDir) {
  step(`killing: ${ROUNDS} rounds under writes`);
  const port = await freePort();
  const start = () => startApplication({ dataDir, port });
  let app = await start();
  const postmaster = () =>
    Number(readFileSync(path.join(clusterOf(path.join(dataDir, 'pg')), 'data/postmaster.pid'), 'utf8').split('\n')[0]);
  const kill = async (round) => {
    if (round % 2 === 0) {
      app.kill('SIGKILL');
      await app.ended;
      app = await start();
    } else process.kill(postmaster(), 'SIGKILL');
  };
  try {
    const result = await underKills(app.url, { rounds: ROUNDS, kill });
    console.log(
      `  ${result.requests} requests, ${result.kills} kills, ${result.acknowledged} acknowledged, ${result.lost} lost, ${result.doubled} doubled`,
    );
    expect(result.acknowledged > ROUNDS, 'writes went on between the kills');
    expect(result.lost === 0, 'nothing acknowledged was lost');
    expect(result.doubled === 0, 'nothing was stored twice');
  } finally {
    await app.stop();
  }
}

/** The client's own outbox, without a browser, against the real server. */
async function whose(dataDir) {
  step(`whose entry: ${WHOSE} rounds of each case, seed ${SEED}`);
  const app = await startApplication({ dataDir, port: await freePort() });
  try {
    const client = await loadClient(path.resolve('.'), path.join(dataDir, 'client.mjs'), app.url);
    const result = await whoseEntries(app.url, client, { rounds: WHOSE, random: seeded(SEED) });
    console.log(`  ${JSON.stringify(result)}`);
    expect(result.othersName === 0, 'nothing was stored in another’s name');
    expect(result.lost === 0 && result.doubled === 0, 'every entry is there once');
  } finally {
    await app.stop();
  }
}

/** Many who sign in, and many who guess, while others work. */
async function atTheDoor(dataDir) {
  step(`at the door: ${GUESSES} wrong codes, ${SIGN_INS} sign-ins at once`);
  process.env.KESTO_TRUST_PROXY = '1';
  const app = await startApplication({ dataDir, port: await freePort() });
  delete process.env.KESTO_TRUST_PROXY;
  try {
    const codes = await underGuesses(app.url, { guesses: GUESSES, addresses: GUESSERS, seconds: short ? 12 : 60, honest: HONEST });
    console.log(`  ${JSON.stringify(codes)}`);
    expect(codes.in === codes.honest, 'every honest code came in');
    expect(codes.slowed > 0, 'guesses were slowed');
    const busy = await underSignIns(app.url, SIGN_INS);
    console.log(`  ${JSON.stringify(busy)}`);
    expect(busy.signedIn === SIGN_INS, 'everybody signed in');
    expect(busy.ratio < (short ? 3 : 1.5), 'today stayed quick meanwhile');
  } finally {
    await app.stop();
  }
}

/** Databases of earlier versions, whose first starts are killed somewhere on their way. */
async function moves(dataDir) {
  step(`killed while a database is moved over: ${MOVES} times, and ${MOVES_OF_PLANS} times with ${PLANS} plans of the first weeks`);
  await bundle(path.resolve('.'), 'server/src/testing/former.ts', 'server/dist/former.mjs');
  const { formerDatabase, formerPlans } = await import(path.resolve('server/dist/former.mjs'));
  const cluster = await startCluster(path.join(dataDir, 'pg'));
  const untilMs = Date.now() + MOVED_WITHIN_MS;
  const common = { cluster, ensureDatabase, inspect: inspectDatabase, random: seeded(SEED), dataDir, untilMs };
  try {
    await ensureDatabase(cluster, 'entries');
    await formerDatabase(cluster.url('entries'), { jobs: 10, ofJob: 400, joints: 20, ofJoint: 300 });
    await ensureDatabase(cluster, 'plans');
    await formerPlans(cluster.url('plans'), PLANS);
    for (const [former, rounds] of [
      ['plans', MOVES_OF_PLANS],
      ['entries', MOVES],
    ]) {
      const result = await underMigrationKills({ ...common, former, rounds });
      console.log(`  ${former}: ${JSON.stringify(result)}`);
      expect(
        result.rounds > 0 && result.stuck === 0,
        `every start after a kill went on by itself (${result.rounds} of ${rounds} in the time)`,
      );
      expect(result.broken === 0 && result.differing === 0, 'and everything is there, with every chain whole');
    }
  } finally {
    stopCluster(cluster);
  }
}

async function fullDisk() {
  const folder = mkdtempSync(path.join(tmpdir(), 'kesto-full-'));
  chmodSync(folder, 0o755);
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${TMPFS_MB}m,mode=755`, 'tmpfs', folder]);
  if (mounted.status !== 0) return console.log('  not root, or no mounting here: the full disk was not tried');
  step(`a disk of ${TMPFS_MB} MB runs full`);
  const app = await startApplication({ dataDir: path.join(folder, 'data'), port: await freePort() });
  try {
    const result = await onFullDisk(app.url, folder);
    console.log(`  ${JSON.stringify(result)}`);
    expect(result.lost === 0, 'nothing was acknowledged that is not there');
    expect(
      Object.keys(result.statuses).every((status) => ['200', '503', '507'].includes(status)),
      'a full disk is said as 503 or 507',
    );
    expect(result.recovered, 'it goes on by itself when there is room');
  } finally {
    await app.stop();
    await wait(500);
    spawnSync('umount', [folder]);
    rmSync(folder, { recursive: true, force: true });
  }
}

const folder = mkdtempSync(path.join(tmpdir(), 'kesto-attack-'));
// PostgreSQL runs as a user of its own where this runs as root: it must get through.
chmodSync(folder, 0o755);
const into = (name, attack) => () => attack(path.join(folder, name));
const inTurn = async (attacks) => {
  for (const attack of attacks) await attack();
};
try {
  // Two at a time: each has a server and a database of its own. At the door by itself, where it counts how long others wait.
  const both = await Promise.allSettled([
    inTurn([into('fuzz', fuzzing), into('kills', kills), into('whose', whose)]),
    inTurn([into('moves', moves), ...(process.getuid?.() === 0 ? [fullDisk] : [])]),
  ]);
  for (const { reason } of both) if (reason) throw reason;
  await atTheDoor(path.join(folder, 'door'));
} finally {
  rmSync(folder, { recursive: true, force: true });
}
step(failures.length === 0 ? 'everything held' : `broke: ${failures.join('; ')}`);
process.exit(failures.length === 0 ? 0 : 1);
