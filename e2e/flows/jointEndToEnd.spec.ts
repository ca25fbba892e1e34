import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '../fixtures/test';
import { pngPhoto } from '../fixtures/photo';
import { Kesto } from '../pages/kesto';

// The whole walk with a look at every screen: a minute and a half on a small machine.
test.setTimeout(360_000);

/** One joint for each window size, so that both walks run on one demo. */
const JOINT = { phone: 'CR2-07', wide: 'CR2-08' } as const;

test('from two parts to a record that another person proves', async ({ page, looks }, info) => {
  const tag = JOINT[info.project.name as keyof typeof JOINT];
  const kesto = new Kesto(page);

  await test.step('sign in and find the joint in its job', async () => {
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'Ilta Varro' })).toBeVisible();
    await looks();
    await kesto.signIn('Ilta Varro');
    await looks();
    await kesto.openJob('CR2 vault cold room');
    await looks();
    await kesto.openJoint(tag);
  });

  await test.step('plan 7/8 in copper into a brass valve stub: flux is needed, and why', async () => {
    await kesto.plannerPart('what goes in');
    await expect(page.getByLabel('outside diameter').first()).toHaveValue('7/8 in');
    await looks();
    await kesto.plannerPart('what takes it');
    await page.getByRole('radio', { name: 'valve stub' }).click();
    await looks();
    await kesto.plannerPart('around it');
    await page.getByRole('button', { name: '+ valve' }).click();
    await kesto.pick(/which side part 1 is on/, 'past the cup');
    await kesto.pick(/protection of part 1/, 'putty');
    await looks();
    await kesto.plannerPart('the plan');
    await expect(page.getByRole('heading', { name: /with flux/ })).toBeVisible();
    await expect(page.getByTestId('reading-flux')).toHaveText('FB3-A');
    await looks();
    await page.getByRole('button', { name: /^flux FB3-A/ }).click();
    await expect(page.getByRole('region', { name: 'working: Flux FB3-A' })).toContainText('brass');
    await looks();
    await page.getByRole('button', { name: 'close' }).click();
  });

  await test.step('a forbidden filler cannot be chosen and says why', async () => {
    const forbidden = page.getByRole('radio', { name: /BAg-1 forbidden/ });
    await expect(forbidden).toBeDisabled();
    await expect(forbidden).toContainText('cadmium');
  });

  await test.step('against the advice only with a reason', async () => {
    await page.getByRole('radio', { name: /BCuP-2 avoid/ }).click();
    await kesto.action('Put in the job');
    await expect(page.getByRole('alert')).toContainText('Write why');
    await page.getByRole('radio', { name: /BAg-36/ }).click();
    await kesto.action('Put in the job');
    await kesto.seesJob();
  });

  await test.step('record the braze and the look, with photos', async () => {
    await kesto.openJoint(tag);
    await kesto.action('Braze it');
    await kesto.notesAfterwards();
    await page.getByTestId('made-rod').fill('44 mm');
    await kesto.addPhoto({ name: 'front.png', mimeType: 'image/png', buffer: pngPhoto(info.project.name === 'phone' ? 40 : 41) });
    await expect(page.getByLabel('photo 1', { exact: true })).toBeVisible();
    await looks();
    await kesto.action('It is brazed');
    await expect(page.getByText(/^What is it like\?/)).toBeVisible();
    await looks();
    await page.getByRole('checkbox', { name: /^crack/ }).click();
    await expect(page.getByRole('radio', { name: 'pass' })).toBeDisabled();
    await page.getByRole('checkbox', { name: /^crack/ }).click();
    // Nothing passes of which the back was not seen.
    await expect(page.getByRole('radio', { name: 'pass' })).toBeDisabled();
    await page.getByRole('checkbox', { name: /^the back was seen/ }).click();
    await kesto.pick('result', 'pass');
    await kesto.addPhoto({ name: 'mirror.png', mimeType: 'image/png', buffer: pngPhoto(info.project.name === 'phone' ? 50 : 51) });
    await expect(page.getByLabel('photo 1', { exact: true })).toBeVisible();
    await kesto.action('Keep: pass');
    await expect(page.getByRole('heading', { name: 'looked at, passes' })).toBeVisible();
    await looks();
    await kesto.signOut();
  });

  await test.step('the inspector reads it, checks every link and takes a copy', async () => {
    await kesto.signIn('Bo Aalto');
    await kesto.findTag(tag);
    await expect(page.getByText('44 mm').first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'accept' })).toHaveCount(0);
    await kesto.action('Check every link');
    await expect(page.getByTestId('integrity')).toContainText('3 entries, unbroken');
    await looks();
  });

  const file = await test.step('the copy verifies on the command line; one altered letter names its entry', async () => {
    const download = page.waitForEvent('download');
    await kesto.action('Give a copy');
    const path = await (await download).path();
    const text = readFileSync(path, 'utf8');
    const verify = (input: string) => {
      const { stdout } = spawnSync(process.execPath, ['scripts/kesto.mjs', 'verify'], {
        input,
        encoding: 'utf8',
        cwd: `${import.meta.dirname}/../..`,
      });
      return JSON.parse(stdout) as unknown;
    };
    expect(verify(text)).toMatchObject({ intact: true, entries: 3 });
    const altered = text.replace(/"rodMm": ?44/, '"rodMm": 45');
    expect(altered).not.toBe(text);
    expect(verify(altered)).toMatchObject({ firstBroken: { joint: tag, entry: 2 } });
    return altered;
  });

  await test.step('the browser finds the altered letter too', async () => {
    await page.goto('/verify');
    const chooser = page.waitForEvent('filechooser');
    await kesto.action('Choose a file');
    await (await chooser).setFiles({ name: 'altered.json', mimeType: 'application/json', buffer: Buffer.from(file) });
    await expect(page.getByTestId('integrity')).toContainText('Broken at entry 2');
    await looks();
  });
});
