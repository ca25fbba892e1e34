// Sets up, starts the private database, and serves Kesto until Ctrl-C.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { startApplication } from './lib/application.mjs';
import { buildClient, buildServer, installNodePackages } from './lib/build.mjs';
import { lockFolder } from './lib/lock.mjs';
import { startOptions } from './lib/options.mjs';
import { stopIfTaken } from './lib/port.mjs';
import { step, stop } from './lib/report.mjs';

const OPEN_TO_LISTENERS = `
  Careful: this is plain HTTP beyond this machine. Others on the network can read passwords and records along, and phones give
  no camera, no installing and keep nothing for when there is no signal. Use --tls-cert and --tls-key, or a proxy: docs/RUNNING.md`;

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const { resetDemo, ...options } = startOptions();

await stopIfTaken(options.port, options.host);
mkdirSync('var', { recursive: true });
const building = lockFolder('var', 'build');
installNodePackages();
await buildClient();
await buildServer();
building.release();
const app = await startApplication({
  ...options,
  beforeServing: resetDemo ? async (cluster) => (await import('./lib/resetDemo.mjs')).resetDemo(cluster) : undefined,
});
let stopping = false;
for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    stopping = true;
    void app.stop();
  });
}
if (app.said) greet(app);
const code = await app.ended;
if (!app.said) stop('the server did not start', 'read what it said above');
if (!stopping) stop(`the server ended by itself (exit ${code})`, `read the end of ${app.logFile}`);
step('stopped; everything acknowledged is kept');
process.exit(0);

function greet({ url, said: { signIns, firstCode, openToListeners, demoBarred }, logFile }) {
  step('ready');
  console.log(`\n  Kesto is at  ${url}\n`);
  for (const { name, login, role, password } of signIns) {
    console.log(`  ${name.padEnd(18)}${role.padEnd(12)}sign in as "${login}", password "${password}"`);
  }
  if (firstCode) console.log(`  The shop’s admin comes in by the one-time code  ${firstCode}  ("I have a code").`);
  if (demoBarred) console.log('  This folder holds the demo, whose people may not sign in with --no-demo. A shop of your own: --data DIR.');
  if (openToListeners) console.log(OPEN_TO_LISTENERS);
  console.log(`\n  Log: ${path.relative('.', logFile)}. Stop with Ctrl-C.\n`);
}
