import type { Page } from '@playwright/test';

/** What is seen of a page: screens one came from stay behind the open one. */
export const key = (page: Page, label: string | RegExp) => page.getByTestId('action').filter({ hasText: label, visible: true });
export const shown = (page: Page, text: string | RegExp) => page.getByText(text).filter({ visible: true }).first();
export const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).filter({ visible: true }).first();
export const field = (page: Page, label: string | RegExp) => page.getByLabel(label).filter({ visible: true }).first();
export const keep = (page: Page) => page.getByTestId('keep').filter({ visible: true }).first().click();
