// Starts the whole application: private database unless DATABASE_URL names one, then the server with the built client.
import { spawn } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { HOST } from './freePort.mjs';
import { lockFolder } from './lock.mjs';
import { DATABASE, ensureDatabase, startCluster, stopCluster } from './postgres.mjs';
import { step } from './report.mjs';
import { supervise } from './supervise.mjs';

/** The server ends by itself within five seconds; one that does not is ended. */
const SERVER_LAST_MS = 5_500;

async function databaseFor(dataDir, lock, { fresh, beforeServing }) {
  if (process.env.DATABASE_URL) return { url: process.env.DATABASE_URL, stop: () => undefined };
  const cluster = await startCluster(path.join(dataDir, 'pg'));
  await ensureDatabase(cluster, DATABASE, { fresh });
  await beforeServing?.(cluster);
  const unwatch = supervise(cluster);
  const stop = () => {
    unwatch();
    // A server that ran before this start is another's, unless its start ended without letting go of the folder.
    if (cluster.began || lock.inherited) stopCluster(cluster);
  };
  return { url: cluster.url(DATABASE), stop };
}

function environment({ host, port, demo, dataDir, clientDir, tlsCert, tlsKey, logFile }, databaseUrl) {
  return {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    HOST: host,
    KESTO_DATA: dataDir,
    KESTO_CLIENT: clientDir,
    KESTO_DEMO: demo ? 'yes' : 'no',
    KESTO_LOG_FILE: logFile,
    ...(tlsCert ? { KESTO_TLS_CERT: tlsCert } : {}),
    ...(tlsKey ? { KESTO_TLS_KEY: tlsKey } : {}),
  };
}

/** What the server says when it is ready, with how to stop it; `ended` resolves with its exit code. */
export async function startApplication({
  dataDir,
  port,
  host = HOST,
  demo = true,
  fresh = false,
  clientDir = 'client/dist',
  tlsCert,
  tlsKey,
  beforeServing,
  server: command = ['--enable-source-maps', 'server/dist/main.mjs'],
}) {
  mkdirSync(dataDir, { recursive: true });
  const lock = lockFolder(dataDir);
  const database = await databaseFor(dataDir, lock, { fresh, beforeServing });
  step('starting the server');
  const logFile = path.join(dataDir, 'server.log');
  if (existsSync(logFile)) chmodSync(logFile, 0o600);
  const env = environment({ host, port, demo, dataDir, clientDir, tlsCert, tlsKey, logFile }, database.url);
  // A process group of its own: Ctrl-C reaches the script alone, which then ends the server in order.
  const child = spawn(process.execPath, command, { stdio: ['ignore', 'ignore', 'inherit', 'ipc'], env, detached: true });
  const ended = new Promise((resolve) => {
    child.once('exit', (code) => {
      database.stop();
      lock.release();
      resolve(code);
    });
  });
  const said = await Promise.race([new Promise((resolve) => child.once('message', resolve)), ended.then(() => null)]);
  const stop = () => {
    child.kill('SIGTERM');
    setTimeout(() => child.kill('SIGKILL'), SERVER_LAST_MS).unref();
    return ended;
  };
  return { url: `${tlsCert ? 'https' : 'http'}://${host}:${port}`, said, logFile, ended, stop, kill: (signal) => child.kill(signal) };
}
