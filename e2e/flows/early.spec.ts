import type { Page } from '@playwright/test';
import { expect, test } from '../fixtures/test';

const SCRIPTS = '**/_expo/**';
const early = (page: Page) => page.locator('#early');

/** The page as it is while its scripts are on the way; they come once they are let through. */
async function withoutScripts(page: Page, address = '/'): Promise<() => void> {
  let letThrough = (): void => undefined;
  const until = new Promise<void>((resolve) => (letThrough = resolve));
  await page.route(SCRIPTS, async (route) => {
    await until;
    await route.continue();
  });
  await page.goto(address, { waitUntil: 'commit' });
  return letThrough;
}

/** What stands where, to the pixel. */
const placesWithin = (root: string) =>
  ['h1', 'svg', 'input', 'button']
    .flatMap((name) => [...document.querySelectorAll(`${root} ${name}`)])
    .filter((element) => element.checkVisibility())
    .map((element) => {
      const { x, y, width, height } = element.getBoundingClientRect();
      return [element.tagName === 'svg' ? 'svg' : element.textContent, ...[x, y, width, height].map(Math.round)].join(' ');
    });

async function places(page: Page, within: string): Promise<string[]> {
  await page.waitForFunction(() =>
    [...document.querySelectorAll('link')].every(({ rel, sheet }) => rel !== 'stylesheet' || sheet !== null),
  );
  await page.evaluate(() => document.fonts.ready);
  return page.evaluate(placesWithin, within);
}

/** Where things stood on the page whenever it kept the day: the demo's day changes under other tests. */
async function placesWhenKept(page: Page): Promise<() => Promise<string[]>> {
  await page.addInitScript(`{
    const set = Storage.prototype.setItem;
    Storage.prototype.setItem = function (key, value) {
      set.call(this, key, value);
      if (key === 'kesto.day') set.call(sessionStorage, 'placesWhenKept', JSON.stringify((${String(placesWithin)})('#root')));
    };
  }`);
  return () => page.evaluate(() => JSON.parse(sessionStorage.getItem('placesWhenKept') ?? '[]') as string[]); // cast: written above
}

async function signedIn(page: Page): Promise<void> {
  await page.goto('/');
  await page.locator('#root').getByRole('button', { name: 'Ilta Varro' }).click();
  await expect(page.getByText('Ilta Varro, technician')).toBeVisible();
}

/** The day as it is kept for the next page, once it is. */
const keptDay = (page: Page) => page.waitForFunction(() => localStorage.getItem('kesto.day'), null, { timeout: 20_000 });
const day = (page: Page) => page.locator('#day');

test('the sign-in stands before its script, as the script draws it', async ({ page, looks }) => {
  await page.route('**/api/demo/people', (route) => route.fulfill({ json: [] }));
  const letThrough = await withoutScripts(page);
  await expect(early(page).getByRole('button', { name: 'Sign in' })).toBeVisible();
  const before = await places(page, '#early');
  await looks();
  letThrough();
  await page.locator('#root').getByTestId('sign-in').waitFor();
  await expect(early(page)).toHaveCount(0);
  expect(await places(page, '#root')).toEqual(before);
});

test('what is typed and pressed before the script has come is done by it', async ({ page }) => {
  const letThrough = await withoutScripts(page);
  await early(page).getByLabel('name').fill('ilta');
  await early(page).getByLabel('password').fill('copper-before-filler');
  await early(page).getByRole('button', { name: 'Sign in' }).click();
  letThrough();
  await expect(page.getByText('Ilta Varro, technician')).toBeVisible();
});

test('what is half typed stays, and the field with it; a key pressed in vain says what is missing', async ({ page }) => {
  const letThrough = await withoutScripts(page);
  await early(page).getByLabel('name').fill('il');
  await early(page).getByRole('button', { name: 'Sign in' }).click();
  await early(page).getByLabel('name').focus();
  letThrough();
  await expect(page.getByText('Type your name and password.')).toBeVisible();
  await expect(page.locator('#root').getByLabel('name')).toBeFocused();
  await page.keyboard.press('End');
  await page.keyboard.type('ta');
  await expect(page.locator('#root').getByLabel('name')).toHaveValue('ilta');
});

test('whoever is signed in here is not asked to sign in while the page comes', async ({ page }) => {
  await signedIn(page);
  const letThrough = await withoutScripts(page, '/me');
  await expect(page.getByText('Kesto opens')).toBeVisible();
  await expect(early(page)).toBeHidden();
  letThrough();
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeVisible();
});

test('whoever is signed in sees their day before its script, as it was last drawn; what is pressed in it is opened', async ({
  page,
  looks,
}) => {
  const drawn = await placesWhenKept(page);
  await signedIn(page);
  await keptDay(page);
  const letThrough = await withoutScripts(page);
  await expect(day(page).getByRole('status')).toHaveText(/^as of \d\d:\d\d, opening$/);
  expect(await places(page, '#day')).toEqual(await drawn());
  expect(await drawn()).not.toEqual([]);
  await looks();
  await day(page)
    .getByRole('link', { name: /CR2 vault cold room/ })
    .click();
  letThrough();
  await expect(page).toHaveURL(/\/jobs\//);
  await expect(page.getByText('suction valve leaks').filter({ visible: true }).first()).toBeVisible();
  await expect(day(page)).toHaveCount(0);
});

test('a day that is older than the sign-in lasts, or of another light, is not shown; signed out, none is left', async ({ page }) => {
  await signedIn(page);
  await keptDay(page);
  const changed = (change: object) =>
    page.evaluate(
      (by) => localStorage.setItem('kesto.day', JSON.stringify({ ...JSON.parse(localStorage.getItem('kesto.day') ?? ''), ...by })),
      change,
    );
  for (const change of [{ at: Date.now() - 25 * 3_600_000 }, { at: Date.now(), view: 'night dark 390' }]) {
    await changed(change);
    const letThrough = await withoutScripts(page);
    await expect(page.getByText('Kesto opens')).toBeVisible();
    await expect(day(page)).toHaveCount(0);
    letThrough();
    await expect(page.getByText('Ilta Varro, technician')).toBeVisible();
    await page.unroute(SCRIPTS);
  }
  await page.goto('/me');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByRole('button', { name: 'Yes, sign out' }).click();
  await expect(page.locator('#root').getByTestId('sign-in')).toBeVisible();
  expect(await page.evaluate(() => localStorage.getItem('kesto.day'))).toBeNull();
});
