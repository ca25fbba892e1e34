// Starts the whole application: private database unless DATABASE_URL names one, then the server with the built client.
import { spawn } from 'node:child_process';
import { mkdirSync, openSync } from 'node:fs';
import path from 'node:path';
import { HOST } from './freePort.mjs';
import { DATABASE, ensureDatabase, startCluster, stopCluster } from './postgres.mjs';
import { step } from './report.mjs';

async function databaseFor(dataDir, { fresh, beforeServing }) {
  if (process.env.DATABASE_URL) return { url: process.env.DATABASE_URL, stop: () => undefined };
  const cluster = await startCluster(path.join(dataDir, 'pg'));
  await ensureDatabase(cluster, DATABASE, { fresh });
  await beforeServing?.(cluster);
  return { url: cluster.url(DATABASE), stop: () => stopCluster(cluster) };
}

/** What the server says when it is ready, with how to stop it; `ended` resolves with its exit code. */
export async function startApplication({
  dataDir,
  port,
  demo = true,
  fresh = false,
  clientDir = 'client/dist',
  beforeServing,
  server: command = ['--enable-source-maps', 'server/dist/main.mjs'],
}) {
  mkdirSync(dataDir, { recursive: true });
  const database = await databaseFor(dataDir, { fresh, beforeServing });
  step('starting the server');
  const logFile = path.join(dataDir, 'server.log');
  const log = openSync(logFile, 'a');
  const env = {
    ...process.env,
    DATABASE_URL: database.url,
    PORT: String(port),
    HOST,
    KESTO_DATA: dataDir,
    KESTO_CLIENT: clientDir,
    KESTO_DEMO: demo ? 'yes' : 'no',
  };
  // A process group of its own: Ctrl-C reaches the script alone, which then ends the server in order.
  const child = spawn(process.execPath, command, { stdio: ['ignore', log, 'inherit', 'ipc'], env, detached: true });
  const ended = new Promise((resolve) => {
    child.once('exit', (code) => {
      database.stop();
      resolve(code);
    });
  });
  const said = await Promise.race([new Promise((resolve) => child.once('message', resolve)), ended.then(() => null)]);
  const stop = () => {
    child.kill('SIGTERM');
    return ended;
  };
  return { url: `http://${HOST}:${port}`, said, logFile, ended, stop };
}
