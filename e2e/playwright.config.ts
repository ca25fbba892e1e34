import { defineConfig } from '@playwright/test';

const browser = {
  executablePath: process.env['KESTO_CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
};

/** Runs against the real build served by the real server; `scripts/test.mjs` starts both and says where. */
export default defineConfig({
  testDir: './flows',
  outputDir: '../var/e2e',
  // A busy machine is no failure: what does not come at all is still found.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['list']],
  use: {
    baseURL: process.env['KESTO_URL'] ?? 'http://127.0.0.1:8080',
    launchOptions: browser,
    // What cannot be tapped within this is said, long before its test would end.
    actionTimeout: 60_000,
    serviceWorkers: 'block',
    // Nothing is drawn twenty times on its way: pages are drawn by the processor here.
    contextOptions: { reducedMotion: 'reduce' },
    // A trace of every step takes more than the test: a picture of what failed, and of what stood there, is enough.
    trace: 'off',
    screenshot: 'only-on-failure',
  },
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    { name: 'wide', use: { viewport: { width: 1280, height: 800 } } },
  ],
});
