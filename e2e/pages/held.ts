import type { Page } from '@playwright/test';
import { expect } from '../fixtures/test';
import { key, shown } from './found';

/** Planned, begun, and a stand-in speaks at a machine that leaks where nobody is told; with no minutes as long as it needs. */
export async function begins(page: Page, dropsOut: boolean, minutes = '30'): Promise<void> {
  await page.getByLabel('pipe now', { exact: true }).fill('18');
  await page.getByLabel('held for', { exact: true }).fill(minutes);
  for (const box of await page.getByRole('checkbox').filter({ visible: true }).all()) await box.click();
  await key(page, 'Begin the fill').click();
  await page.getByRole('button', { name: 'Let an instrument join' }).filter({ visible: true }).click();
  await page.getByRole('radio', { name: '300 times' }).filter({ visible: true }).click();
  if (dropsOut) await page.getByRole('checkbox', { name: 'It falls silent now and then' }).click();
  await page.getByRole('button', { name: 'Start the stand-in' }).filter({ visible: true }).click();
  await expect(shown(page, /stand-in probe, its clock 300 times as fast/)).toBeVisible({ timeout: 60_000 });
}

/** Every step by a tap, until the supply is shut. */
export async function fills(page: Page): Promise<void> {
  const supply = key(page, 'The supply is shut');
  const step = key(page, /^It stands at/);
  for (let steps = 0; steps < 12; steps++) {
    await expect(supply.or(step)).toBeVisible({ timeout: 60_000 });
    if (await supply.isVisible()) break;
    // The last step may give way to the supply's between the look and the tap: the next turn sees it.
    await step.click({ timeout: 5_000 }).catch(() => undefined);
    await expect(step.and(page.locator(':enabled')))
      .toBeHidden({ timeout: 500 })
      .catch(() => undefined);
    await page.waitForTimeout(300);
  }
  await supply.click();
}

/** Wets what is due, looks at what the stand-in's machine shows, and notes that. */
export async function soapsAll(page: Page): Promise<readonly boolean[]> {
  const found: boolean[] = [];
  const looks = page.getByRole('button', { name: /: look$/ }).filter({ visible: true });
  for (let rows = 0; rows < 8 && (await looks.count()) > 0; rows++) {
    const name = (await looks.first().getAttribute('aria-label'))?.replace(/: look$/, '') ?? '';
    await looks.first().click();
    const shows = page.getByRole('status').filter({ hasText: /^(it bubbles|nothing to be seen)$/, visible: true });
    await expect(shows).toBeVisible();
    const bubbles = (await shows.textContent()) === 'it bubbles';
    found.push(bubbles);
    await page
      .getByRole('button', { name: `${name}: ${bubbles ? 'bubbles' : 'nothing'}`, exact: true })
      .filter({ visible: true })
      .click();
    await expect(page.getByRole('button', { name: `${name}: look`, exact: true })).toHaveCount(0);
  }
  return found;
}
