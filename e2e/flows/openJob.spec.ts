import { expect, test } from '../fixtures/test';
import { Kesto } from '../pages/kesto';

test.setTimeout(360_000);

test('a machine from its plate, a job on it, its first joint planned', async ({ page, looks }, info) => {
  const kesto = new Kesto(page);
  const tag = info.project.name === 'wide' ? 'OR2' : 'OR1';
  const field = (label: string) => page.getByLabel(label, { exact: true }).filter({ visible: true }).first();

  await test.step('nothing is sent before the plate is whole', async () => {
    await kesto.signIn('Ilta Varro');
    await page.getByRole('link', { name: /Open a job/ }).click();
    await expect(page.getByRole('heading', { name: 'On which machine' })).toBeVisible();
    await looks();
    await page.getByRole('button', { name: 'It is not here yet' }).click();
    await kesto.action('Keep it');
    await expect(page.getByText('pick what it is like')).toBeVisible();
    await looks();
  });

  await test.step('the plate is typed as it is read; a reload loses nothing', async () => {
    await page.getByRole('button', { name: 'R-744' }).click();
    await field('high side').fill('120 bar');
    await field('low side').fill('90 bar');
    await field('coldest').fill('-30');
    await field('tube').fill('3/8');
    await field('length').fill('10');
    await page.getByRole('radio', { name: 'cold room' }).click();
    await field('tag on the machine').fill(tag);
    await page.reload();
    await expect(field('tag on the machine')).toHaveValue(tag);
    await field('name, as vault cold room').fill('orangery cooler');
    await kesto.action(`Keep ${tag}`);
  });

  await test.step('the job is opened on it with a few words', async () => {
    await expect(page.getByRole('heading', { name: tag })).toBeVisible();
    await page.getByTestId('job-title').fill('liquid valve leaks');
    await kesto.action('Open the job');
    await kesto.seesJob();
    await looks();
    await page.getByRole('button', { name: 'Add a joint' }).filter({ visible: true }).click();
    await page.getByTestId('joint-title').fill('liquid line into the valve');
    await page.getByRole('button', { name: 'Plan this joint' }).click();
    await expect(page.getByRole('heading', { name: `${tag}-01` })).toBeVisible();
  });

  await test.step('the planner knows the plate: carbon dioxide asks for the maker’s rating, and takes it', async () => {
    await kesto.plannerPart('the plan');
    await expect(page.getByText(/only the maker’s rating counts/)).toBeVisible();
    if (kesto.wide) await kesto.plannerPart('around it');
    else {
      await page.getByRole('button', { name: 'Change the parts' }).click();
      await kesto.plannerPart('around it');
    }
    await page.getByTestId('more-place').click();
    await field('maker’s rating').fill('120 bar');
    await kesto.plannerPart('the plan');
    await expect(page.getByTestId('reading-strength')).toContainText('12000');
    await expect(page.getByRole('heading', { name: /Good to braze/ })).toBeVisible();
  });

  await test.step('the unit shows its plate and the job that is open on it', async () => {
    await page.goto('/');
    await page
      .getByRole('link')
      .filter({ hasText: `${tag} orangery cooler` })
      .first()
      .click();
    await kesto.seesJob();
    if (kesto.wide) {
      await page.getByRole('navigation').getByRole('link').filter({ hasText: tag, visible: true }).first().click();
      await expect(page.getByText('R-744').filter({ visible: true }).first()).toBeVisible();
      await looks();
    }
  });
});
