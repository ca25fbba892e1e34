import { expect, test } from '../fixtures/test';
import { Kesto } from '../pages/kesto';

/** What the record holds; the seal is of the moment it was given away. */
const entriesAt = (url: string) =>
  fetch(url)
    .then((r) => r.json())
    .then(({ entries }: { entries: unknown }) => JSON.stringify(entries));

const MADE = '/joints/0193a000-0000-7000-8000-000000005103';

test('units change what is shown everywhere, never the record', async ({ page }, info) => {
  test.skip(info.project.name === 'wide', 'one person’s units: two windows at once would undo each other');
  const kesto = new Kesto(page);
  await kesto.signIn('Oskar Penn');
  await page.goto(MADE);
  await expect(page.getByText(/0\.382 in|0\.374 in/).first()).toBeVisible();
  const before = await page.evaluate(entriesAt, `/api${MADE}/record.json`);
  await page.goto('/me');
  await kesto.pick('lengths', 'metric');
  await page.goto(MADE);
  await expect(page.getByText('9.7 mm').first()).toBeVisible();
  expect(await page.evaluate(entriesAt, `/api${MADE}/record.json`)).toBe(before);
  await page.goto('/me');
  await kesto.pick('lengths', 'inch');
});

test('a lead accepts or sends back; what is sent back waits on today', async ({ page }) => {
  const kesto = new Kesto(page);
  await kesto.signIn('Maren Ito-Dahl');
  await expect(page.getByText('DR1-21, by Maren Ito-Dahl')).toBeVisible();
  await expect(page.getByText(/Fillet open at the back/)).toBeVisible();
});
