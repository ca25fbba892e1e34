// How long a page takes on a slow line with a slow processor, the first time and again.
const LINE = { offline: false, latency: 150, downloadThroughput: 1.6e6 / 8, uploadThroughput: 750e3 / 8 };
const PROCESSOR = 4;
const TIMES = 3;

const median = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)];

/** Until what is meant stands on the page [ms]. */
async function opened(page, url, meant) {
  const began = performance.now();
  await page.goto(url, { waitUntil: 'commit' });
  await meant(page).filter({ visible: true }).first().waitFor({ timeout: 60_000 });
  return performance.now() - began;
}

/** Of one address: cold, as nobody was there before, and warm, in the same browser again [ms]; `meant` finds what only the page's own script draws. */
export async function measureSlowLine(browser, url, meant) {
  const cold = [];
  const warm = [];
  for (let i = 0; i < TIMES; i++) {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    for (const times of [cold, warm]) {
      const page = await context.newPage();
      const session = await context.newCDPSession(page);
      await session.send('Network.enable');
      await session.send('Network.emulateNetworkConditions', LINE);
      await session.send('Emulation.setCPUThrottlingRate', { rate: PROCESSOR });
      times.push(await opened(page, url, meant));
      // What is kept for later is fetched behind the first screen: it has its time before anybody comes again.
      await page.waitForTimeout(15_000);
      await page.close();
    }
    await context.close();
  }
  return { coldMs: median(cold), warmMs: median(warm) };
}
