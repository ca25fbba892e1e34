// The tests in a browser, against an application of their own with the demo shop.
import path from 'node:path';
import { startApplication } from './application.mjs';
import { CHROMIUM } from './browser.mjs';
import { freePort } from './freePort.mjs';

/** Hands over how they are run against it, and ends it whatever comes of them. */
export async function withBrowserTests(work) {
  const app = await startApplication({ dataDir: path.resolve('var/e2e-data'), port: await freePort(), fresh: true });
  try {
    return await work({ cwd: 'e2e', env: { KESTO_URL: app.url, KESTO_CHROMIUM: CHROMIUM } });
  } finally {
    await app.stop();
  }
}
