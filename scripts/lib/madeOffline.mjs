// Somebody who works without a signal on a phone whose page is killed at random, in the middle of what they do.
import png from './png.cjs';

/** How often the page is killed while something is being kept, and how soon after the tap at most [ms]. */
const KILLED = { share: 0.12, withinMs: 350 };

/** The same draw for the same seed. */
function drawn(seed) {
  let state = seed >>> 0 || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 2 ** 32;
  };
}

/** Everything of today is on the device once nothing more is fetched for a while. */
async function visited(page, jobs) {
  await page.request.post('/api/session', { data: { login: 'ilta', password: 'copper-before-filler' } });
  await page.goto('/');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.waitForTimeout(12_000);
  for (const job of jobs) {
    await page.goto(`/jobs/${job}`);
    await page.waitForTimeout(2000);
  }
}

export async function madeOffline({ context, line, jobs, entries, photos, seed }) {
  const draw = drawn(seed);
  const everyPhoto = photos === 0 ? Number.POSITIVE_INFINITY : Math.floor(entries / photos);
  let page = await context.newPage();
  await visited(page, jobs);
  line.cut();
  const made = { safe: [], unsure: [], kills: 0, pictures: 0 };

  async function reopened(address) {
    page = await context.newPage();
    await page.goto(address);
  }
  /** Taps what keeps it; the page may be gone before it says so. Answers whether it said so. */
  async function kept(tap, saysSo) {
    if (draw() >= KILLED.share) {
      await tap();
      await saysSo();
      return true;
    }
    const inMs = draw() * KILLED.withinMs;
    const dying = page;
    await tap().catch(() => undefined);
    await new Promise((later) => setTimeout(later, inMs));
    await dying.close({ runBeforeUnload: false });
    made.kills++;
    return false;
  }
  const visible = (locator) => locator.filter({ visible: true }).first();

  async function comment(words, job) {
    const address = `/jobs/${job}`;
    if (!page.url().endsWith(address)) await page.goto(address);
    const field = visible(page.getByLabel('what you have to say', { exact: true }));
    await field.fill(words);
    return kept(
      () => visible(page.getByRole('button', { name: 'Keep the comment' })).click(),
      () => field.evaluate(emptied),
    );
  }

  async function answeredWithPhoto(words, place) {
    await page.goto(`/jobs/${jobs[0]}/safe`);
    await visible(page.getByRole('button', { name: /^extinguisher/ })).click();
    await visible(page.getByLabel('how', { exact: true })).fill(words);
    const chooser = page.waitForEvent('filechooser');
    await visible(page.getByTestId('add-photo')).click();
    await (await chooser).setFiles({ name: `${place}.png`, mimeType: 'image/png', buffer: png.pngPhoto(place * 11) });
    await page.getByLabel('photo 1', { exact: true }).waitFor();
    const keep = visible(page.getByTestId('keep').or(page.getByTestId('action')));
    const isSafe = await kept(
      () => keep.click(),
      () => page.getByLabel('photo 1', { exact: true }).waitFor({ state: 'detached', timeout: 20_000 }),
    );
    if (isSafe) made.pictures++;
    return isSafe;
  }

  for (let i = 1; i <= entries; i++) {
    const words = `entry-${String(i).padStart(4, '0')}`;
    const job = jobs[Math.floor(i / 10) % jobs.length];
    if (page.isClosed()) await reopened(`/jobs/${job}`);
    const isPhoto = i % everyPhoto === 0;
    const isSafe = isPhoto ? await answeredWithPhoto(words, i / everyPhoto) : await comment(words, job);
    (isSafe ? made.safe : made.unsure).push(words);
  }
  if (page.isClosed()) await reopened('/kept');
  else await page.goto('/kept');
  const allStored = async () => {
    for (let i = 0; i < 120 && (await page.getByText('All stored').filter({ visible: true }).count()) === 0; i++) {
      const send = page.getByTestId('action').filter({ hasText: 'Send now', visible: true });
      if ((await send.count()) > 0 && (await send.first().isEnabled()))
        await send
          .first()
          .click()
          .catch(() => undefined);
      await page.waitForTimeout(2500);
    }
    await page.getByText('All stored').filter({ visible: true }).first().waitFor({ timeout: 5000 });
  };
  return { ...made, page, allStored };
}

/** Once what was typed is kept the field is empty again. */
function emptied(field) {
  return new Promise((done, fail) => {
    const until = Date.now() + 20_000;
    const look = () => {
      if (field.value === '') done();
      else if (Date.now() > until) fail(new Error('it was never kept'));
      else setTimeout(look, 20);
    };
    look();
  });
}
