// Sets up, starts the private database, and serves Kesto until Ctrl-C.
import { spawn } from 'node:child_process';
import { mkdirSync, openSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildClient, buildServer, installNodePackages } from './lib/build.mjs';
import { startOptions } from './lib/options.mjs';
import { stopIfTaken } from './lib/port.mjs';
import { DATABASE, ensureDatabase, startCluster, stopCluster } from './lib/postgres.mjs';
import { step, stop } from './lib/report.mjs';

const HOST = '127.0.0.1';
process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const options = startOptions();
const dataDir = path.resolve(options.dataDir);

await stopIfTaken(options.port, HOST);
installNodePackages();
await buildClient();
await buildServer();
const cluster = process.env.DATABASE_URL ? null : await startCluster(path.join(dataDir, 'pg'));
if (cluster) await prepare(cluster);
serve(cluster?.url(DATABASE) ?? process.env.DATABASE_URL);

async function prepare(cluster) {
  await ensureDatabase(cluster, DATABASE);
  if (options.resetDemo) await (await import('./lib/resetDemo.mjs')).resetDemo(cluster);
}

function serve(databaseUrl) {
  mkdirSync(dataDir, { recursive: true });
  const logFile = path.join(dataDir, 'server.log');
  step('starting the server');
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(options.port),
    HOST,
    KESTO_DATA: dataDir,
    KESTO_CLIENT: 'client/dist',
    KESTO_DEMO: options.demo ? 'yes' : 'no',
  };
  // A process group of its own: Ctrl-C reaches this script alone, which then ends the server in order.
  const log = openSync(logFile, 'a');
  const server = spawn(process.execPath, ['--enable-source-maps', 'server/dist/main.mjs'], {
    stdio: ['ignore', log, 'inherit', 'ipc'],
    env,
    detached: true,
  });
  let stopping = false;
  server.on('message', (said) => greet(said, logFile));
  server.on('exit', (code) => {
    if (cluster) stopCluster(cluster);
    if (stopping) step('stopped; everything acknowledged is kept');
    else stop(`the server ended by itself (exit ${code})`, `read the end of ${logFile}`);
    process.exit(0);
  });
  for (const signal of ['SIGINT', 'SIGTERM']) {
    process.on(signal, () => {
      stopping = true;
      server.kill('SIGTERM');
    });
  }
}

function greet({ signIns, firstAdmin }, logFile) {
  step('ready');
  console.log(`\n  Kesto is at  http://${HOST}:${options.port}\n`);
  for (const { name, login, role, password } of signIns)
    console.log(`  ${name.padEnd(18)}${role.padEnd(12)}sign in as "${login}", password "${password}"`);
  if (firstAdmin) console.log(`  First sign-in: "${firstAdmin.login}", password "${firstAdmin.password}". It is shown only now.`);
  console.log(`\n  Log: ${path.relative('.', logFile)}. Stop with Ctrl-C.\n`);
}
