import { expect, test } from '../fixtures/test';
import { Kesto } from '../pages/kesto';

test.setTimeout(360_000);

test('a second person comes in by a code on a phone, and is out everywhere once they left', async ({ page, browser, looks }, info) => {
  test.skip(info.project.name === 'phone', 'it brings a phone of its own');
  const kesto = new Kesto(page);
  const login = `sanna${Date.now() % 1_000_000}`;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();

  const code = await test.step('the lead asks somebody in and is shown a code', async () => {
    await kesto.signIn('Maren Ito-Dahl');
    await page.goto('/people');
    await expect(page.getByText('Ilta Varro').filter({ visible: true }).first()).toBeVisible();
    await looks();
    await kesto.action('Ask somebody in');
    await page.getByTestId('invite-name').filter({ visible: true }).fill(login);
    await page.getByRole('button', { name: 'Make the code' }).filter({ visible: true }).click();
    await expect(page.getByRole('img', { name: 'code to scan' })).toBeVisible();
    await looks();
    return page.getByTestId('one-time-code').innerText();
  });

  await test.step('the phone opens the scanned address and comes in', async () => {
    await phone.goto(`${new URL(page.url()).origin}/?code=${code.replaceAll('-', '')}`);
    await expect(phone.getByText('Welcome to Lumikero workshop')).toBeVisible();
    await phone.getByLabel('name to sign in by, as ilta').first().fill('ilta');
    await phone.getByLabel('password, ten letters or more').first().fill('ten letters or more');
    await phone.getByTestId('join').click();
    await expect(phone.getByText('ilta signs in here already: choose another name.')).toBeVisible();
    await phone.getByLabel('name to sign in by, as ilta').first().fill(login);
    await phone.getByTestId('join').click();
    await expect(phone.getByText('Lumikero workshop').first()).toBeVisible();
    await expect(phone).not.toHaveURL(/code=/);
  });

  await test.step('who left is signed out on every device at once', async () => {
    await page.getByRole('button', { name: 'Done' }).filter({ visible: true }).click();
    await page.getByRole('button', { name: login, exact: true }).click();
    await page.getByRole('button', { name: 'Has left the shop' }).click();
    await page.getByRole('button', { name: 'Yes: sign out everywhere' }).click();
    await expect(page.getByText('Left the shop').filter({ visible: true })).toBeVisible();
    await phone.reload();
    await expect(phone.getByRole('heading', { name: 'Kesto' })).toBeVisible();
  });
});
