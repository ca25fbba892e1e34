// Sets up what is missing and runs every check there is, in order of cost. Closes with one plain line.
import { fileURLToPath } from 'node:url';
import { installChromium } from './lib/browser.mjs';
import { withBrowserTests } from './lib/browserTests.mjs';
import { buildServer, installNodePackages } from './lib/build.mjs';
import { CLIENT_TESTS } from './lib/clientTests.mjs';
import { postgresBinaries } from './lib/postgres.mjs';
import { step } from './lib/report.mjs';
import { runCounting } from './lib/counting.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const total = { passed: 0, failed: 0 };
const failures = [];
const times = [];

/** A check without tests of its own counts as one. Its seconds stand beside its share of the 900 that all may take. */
async function check(name, command, { share = 0, ...options } = {}) {
  step(name);
  const began = Date.now();
  const { passed, failed, names } = await runCounting(command, options);
  total.passed += passed;
  total.failed += failed;
  times.push({ name, share, seconds: (Date.now() - began) / 1000 });
  if (failed > 0) failures.push(`${name}:`, ...names.map((test) => `  ${test}`));
}

/** What took longer than its share is said, and fails nothing: machines are noisy. */
function told({ name, share, seconds }) {
  const over = share > 0 && seconds > share ? `  over by ${Math.round(seconds - share)} s` : '';
  return `${String(Math.round(seconds)).padStart(5)} of ${String(share).padStart(3)} s  ${name}${over}`;
}

installNodePackages();
postgresBinaries();
installChromium();

// Two at a time where neither waits for the other.
await Promise.all([
  check('format', 'npx prettier --check --log-level warn .', { share: 40 })
    .then(() => check('types', 'npm run -s typecheck', { share: 10 }))
    .then(() => check('layer rules', 'node --test lint/', { share: 10 }))
    .then(() => check('licences and known faults', 'node scripts/licences.mjs', { share: 2 }))
    .then(buildServer)
    .then(() => check('locks, backup and restore', 'node --test scripts/tests/', { share: 90 })),
  check('lint', 'npx eslint . --max-warnings 0', { share: 60 }),
]);
await Promise.all([
  check('server tests on a real PostgreSQL', 'npx jest --maxWorkers=2 --selectProjects server', { share: 110 })
    .then(() =>
      check('engine, contract, command line, instruments', 'npx jest --maxWorkers=2 --selectProjects core contract cli instruments', {
        share: 60,
      }),
    )
    .then(() => check('client', CLIENT_TESTS.command, { share: 120, env: CLIENT_TESTS.env })),
  check('the client builds', 'node scripts/buildClient.mjs'),
]);
await check('attack', 'node scripts/attack.mjs --short', { share: 100 });
await withBrowserTests((at) => check('the application in a browser', 'npx playwright test', { ...at, share: 300 }));
step('done');
console.log(times.map(told).join('\n'));
if (failures.length > 0) console.log(`\nFailed:\n${failures.join('\n')}\n`);
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
