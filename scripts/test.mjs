// Sets up what is missing and runs every check there is, in order of cost. Closes with one plain line.
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { startApplication } from './lib/application.mjs';
import { buildServer, installNodePackages } from './lib/build.mjs';
import { installPackages } from './lib/debian.mjs';
import { freePort } from './lib/freePort.mjs';
import { postgresBinaries } from './lib/postgres.mjs';
import { step } from './lib/report.mjs';
import { runCounting } from './lib/counting.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const CHROMIUM = process.env.KESTO_CHROMIUM ?? '/usr/bin/chromium';
const total = { passed: 0, failed: 0 };

/** A check without tests of its own counts as one. */
async function check(name, command, options = {}) {
  step(name);
  const { passed, failed } = await runCounting(command, options);
  total.passed += passed;
  total.failed += failed;
}

installNodePackages();
postgresBinaries();
if (!existsSync(CHROMIUM)) installPackages(['chromium'], 'the browser Chromium');

// Two at a time where neither waits for the other.
await Promise.all([
  check('format', 'npx prettier --check --log-level warn .').then(() => check('types', 'npm run -s typecheck')),
  check('lint', 'npx eslint . --max-warnings 0'),
]);
await check('layer rules', 'node --test lint/');
await check('licences and known faults', 'node scripts/licences.mjs');
await buildServer();
await check('locks, backup and restore', 'node --test scripts/tests/');
await Promise.all([
  check('server tests on a real PostgreSQL', 'npx jest --selectProjects server').then(() =>
    check('unit tests: engine, contract, command line, client', 'npx jest --maxWorkers=2 --selectProjects core contract cli client'),
  ),
  check('the client builds', 'node scripts/buildClient.mjs'),
]);
await check('attack', 'node scripts/attack.mjs --short');
const app = await startApplication({ dataDir: path.resolve('var/e2e-data'), port: await freePort(), fresh: true });
try {
  await check('the application in a browser', 'npx playwright test', { cwd: 'e2e', env: { KESTO_URL: app.url, KESTO_CHROMIUM: CHROMIUM } });
} finally {
  await app.stop();
}
step('done');
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
