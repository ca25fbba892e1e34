// Sets up what is missing and runs the tests in a browser alone: `npm run test:e2e -- [--long] [what Playwright takes]`. Long: every screen in both lights.
import { fileURLToPath } from 'node:url';
import { installChromium } from './lib/browser.mjs';
import { withBrowserTests } from './lib/browserTests.mjs';
import { buildClient, buildServer, installNodePackages } from './lib/build.mjs';
import { postgresBinaries } from './lib/postgres.mjs';
import { step } from './lib/report.mjs';
import { succeeds } from './lib/run.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const asked = process.argv.slice(2);
const quoted = asked.filter((word) => word !== '--long').map((word) => `'${word.replaceAll("'", "'\\''")}'`);
installNodePackages();
postgresBinaries();
installChromium();
await buildServer();
await buildClient();
step('the application in a browser');
const green = await withBrowserTests(({ cwd, env }) =>
  succeeds(['npx playwright test', ...quoted].join(' '), {
    cwd,
    env: { ...env, ...(asked.includes('--long') ? { KESTO_LONG: 'yes' } : {}) },
  }),
);
process.exit(green ? 0 : 1);
