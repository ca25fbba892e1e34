import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '../fixtures/test';
import { verify } from '../fixtures/verify';
import { Kesto } from '../pages/kesto';

test.setTimeout(180_000);

const FINISHED = 'HS3-03';

test('a record is signed by its device, sealed by the shop, and a copy from before finds one that was cut short', async ({
  page,
}, info) => {
  test.skip(info.project.name !== 'phone', 'the same copies on both');
  const kesto = new Kesto(page);
  const kept = (name: string) => path.join(info.outputDir, name);
  const copy = (name: string) => kesto.givesCopy(kept(name));

  await page.goto('/');
  await kesto.signIn('Bo Aalto');
  await kesto.findTag(FINISHED);
  const early = await copy('early.json');

  await test.step('a reader’s word is signed by the device it was typed on', async () => {
    await page.getByLabel('what you have to say').filter({ visible: true }).fill('Seen on site, fillet whole.');
    await page.getByRole('button', { name: 'Keep the comment' }).click();
    await expect(page.getByRole('list', { name: 'entries', exact: true }).getByText('Seen on site, fillet whole.').last()).toBeVisible();
  });

  const late = await copy('late.json');
  await test.step('the command says whose it is, and that the older copy is its beginning', async () => {
    expect(verify(late, early)).toMatchObject({
      intact: true,
      older: 'continued',
      signed: { bySignature: expect.any(Number) as unknown, notSigned: [] },
    });
    const record = JSON.parse(readFileSync(late, 'utf8')) as { entries: { content: { signature: unknown } }[] };
    expect(record.entries.at(-1)?.content.signature).not.toBeNull();
    const cut = { ...record, entries: record.entries.slice(0, -2), seal: null };
    writeFileSync(kept('cut.json'), JSON.stringify(cut));
    expect(verify(kept('cut.json'), early)).toMatchObject({ intact: false, firstBroken: { joint: FINISHED } });
  });

  await test.step('the page without a server says the same', async () => {
    const saved = page.waitForEvent('download');
    await page.goto('/verify');
    await page.getByRole('button', { name: 'Keep this check as a page' }).click();
    await (await saved).saveAs(kept('check.html'));
    await page.goto(`file://${kept('check.html')}`);
    const files = page.locator('input[type=file]');
    await files.nth(0).setInputFiles(late);
    await files.nth(1).setInputFiles(early);
    await expect(page.getByText('What you kept from before is the beginning of it', { exact: false })).toBeVisible();
    await files.nth(0).setInputFiles(kept('cut.json'));
    await expect(page.getByRole('heading', { name: /^Broken/ })).toBeVisible();
  });
});
