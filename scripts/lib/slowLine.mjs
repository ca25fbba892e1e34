// How long a page takes on a slow line with a slow processor, the first time and again.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { LAUNCH } from './browser.mjs';

const LINE = { offline: false, latency: 150, downloadThroughput: 1.6e6 / 8, uploadThroughput: 750e3 / 8 };
const PROCESSOR = 4;
const TIMES = 3;
/** What is kept for later is fetched behind the first screen: it has its time before anybody comes again. */
const BEHIND_MS = 15_000;
const PHONE = { viewport: { width: 390, height: 844 } };

const median = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)];

/** A browser with a profile of its own, as on a phone: what a private window forgets, compiled scripts among it, is kept from visit to visit. */
async function inOwnProfile(chromium, work) {
  const profile = mkdtempSync(path.join(tmpdir(), 'kesto-profile-'));
  const context = await chromium.launchPersistentContext(profile, { ...LAUNCH, ...PHONE });
  try {
    return await work(context);
  } finally {
    await context.close();
    rmSync(profile, { recursive: true, force: true });
  }
}

/** Runs in the page: at each frame it looks whether what is waited for is in it, and notes when it first was [ms since the page was asked for]. */
function noteWhenDrawn(waited) {
  const times = (globalThis.drawnAt = waited.map(() => null));
  const isDrawn = ({ among, text }) =>
    [...document.querySelectorAll(among)].some((e) => e.textContent.includes(text) && e.checkVisibility());
  const look = () => {
    waited.forEach((what, i) => {
      if (times[i] === null && isDrawn(what)) times[i] = performance.now();
    });
    if (times.includes(null)) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

/** When the browser first painted anything, before which nothing is seen [ms]; undefined until then. */
const firstPaint = () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime;

/** One visit: until each of the things is drawn that are waited for, by the page's own clock [ms]: asking the page meanwhile waits for its scripts. */
async function visit(context, url, waited) {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', LINE);
  await session.send('Emulation.setCPUThrottlingRate', { rate: PROCESSOR });
  await page.addInitScript(noteWhenDrawn, waited);
  await page.goto(url, { waitUntil: 'commit' });
  await page.waitForFunction(() => !globalThis.drawnAt.includes(null), null, { timeout: 60_000 });
  const drawn = await page.evaluate(() => globalThis.drawnAt);
  const painted = await (await page.waitForFunction(firstPaint)).jsonValue();
  await page.waitForTimeout(BEHIND_MS);
  await page.close();
  return drawn.map((ms) => Math.max(ms, painted));
}

/**
 * Of one address: cold, as nobody was there before, and warm, in the same browser again; then, where somebody signs in, what they open with
 * once more. For each of what is waited for (text among the elements of a
 * selector) the median [ms].
 */
export async function measureSlowLine(chromium, url, { waited, signIn, signedIn }) {
  const visits = { cold: [], warm: [], signedIn: [] };
  for (let i = 0; i < TIMES; i++)
    await inOwnProfile(chromium, async (context) => {
      visits.cold.push(await visit(context, url, waited));
      visits.warm.push(await visit(context, url, waited));
      if (!signIn) return;
      const page = await context.newPage();
      await page.goto(url);
      await signIn(page);
      const { among, text } = signedIn.at(-1);
      await page.locator(among).filter({ hasText: text }).first().waitFor();
      await page.waitForTimeout(BEHIND_MS);
      await page.close();
      visits.signedIn.push(await visit(context, url, signedIn));
    });
  const medians = (all) => (all[0] ?? []).map((_, i) => median(all.map((times) => times[i])));
  return Object.fromEntries(Object.entries(visits).map(([which, all]) => [`${which}Ms`, medians(all)]));
}
