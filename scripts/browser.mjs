// The tests in a browser alone: `npm run test:e2e -- [--long] [what Playwright takes]`. Long: what `npm test` does on one size, or in one light, on both.
import { fileURLToPath } from 'node:url';
import { withBrowserTests } from './lib/browserTests.mjs';
import { buildServer } from './lib/build.mjs';
import { step } from './lib/report.mjs';
import { succeeds } from './lib/run.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const asked = process.argv.slice(2);
const quoted = asked.filter((word) => word !== '--long').map((word) => `'${word.replaceAll("'", "'\\''")}'`);
await buildServer();
step('the application in a browser');
const green = await withBrowserTests(({ cwd, env }) =>
  succeeds(['npx playwright test', ...quoted].join(' '), {
    cwd,
    env: { ...env, ...(asked.includes('--long') ? { KESTO_LONG: 'yes' } : {}) },
  }),
);
process.exit(green ? 0 : 1);
