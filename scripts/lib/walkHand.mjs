// A person on a phone, as the walks have it: taps and types by what is seen, each counted. The clock of server and phone runs faster.
import path from 'node:path';
import { startApplication } from './application.mjs';
import { LAUNCH } from './browser.mjs';
import { buildClient, buildServer, installNodePackages } from './build.mjs';
import { runFast } from './fastClock.mjs';
import { freePort } from './freePort.mjs';
import { step } from './report.mjs';

/** Times as fast as the wall's: what is read before a flame is old after half an hour, and a slow machine takes a minute to get there. */
const FACTOR = 25;

/** Builds, starts a shop from nothing in `var/` with a browser before it; `close` ends both. */
export async function walkHand(dataDir) {
  installNodePackages();
  await buildClient();
  await buildServer();
  const { chromium } = await import('@playwright/test');
  const clock = [Date.now(), FACTOR];
  process.env.FAST_CLOCK = clock.join(',');
  const app = await startApplication({
    ...{ dataDir: path.resolve(dataDir), port: await freePort(), fresh: true, demo: false },
    server: ['--import', './scripts/lib/fastClock.mjs', '--enable-source-maps', 'server/dist/main.mjs'],
  });
  const browser = await chromium.launch(LAUNCH);
  const phone = async () => {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
    await page.addInitScript(runFast, clock);
    return page;
  };
  const close = async () => {
    await browser.close();
    await app.stop();
  };
  /** Somebody else, on a phone of their own. */
  const another = async () => handOf(await phone(), app);
  return { ...handOf(await phone(), app), another, close };
}

/** What taps, types and counts; `wait` lets minutes of the walk’s own clock go by. */
function handOf(page, app) {
  const counted = { taps: 0, fields: 0 };
  const shown = (locator) => locator.filter({ visible: true }).first();
  /** Each tap by its name, where they are asked for (`--taps`). */
  const told = (name) => {
    counted.taps++;
    if (process.argv.includes('--taps')) step(`  ${counted.taps} ${name}`);
  };
  const tap = async (role, name) => {
    told(name);
    await shown(page.getByRole(role, { name, exact: typeof name === 'string' })).click();
  };
  const act = async (label) => {
    told(label);
    await shown(page.getByTestId('action').filter({ hasText: label })).click();
  };
  /** What keeps the sheet that is open over the screen. */
  const keep = async () => {
    const key = shown(page.getByTestId('keep'));
    told(await key.innerText());
    await key.click();
    await page.waitForTimeout(300);
  };
  const type = async (locator, text) => {
    counted.fields++;
    await shown(locator).fill(text);
  };
  const field = (label) => page.getByLabel(label, { exact: typeof label === 'string' });
  /** One of several boxes. */
  const ticks = async (box) => {
    told((await box.getAttribute('aria-label')) ?? (await box.innerText()));
    await box.click();
  };
  const wait = (minutes) => page.waitForTimeout((minutes * 60_000) / FACTOR);
  return { page, app, counted, shown, tap, act, keep, type, field, ticks, wait };
}
