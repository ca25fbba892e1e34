import { expect, test } from '../fixtures/test';
import { Kesto } from '../pages/kesto';

const NEW_JOINT = { phone: '0193a000-0000-7000-8000-000000005111', wide: '0193a000-0000-7000-8000-000000005111' } as const;
const address = (project: string) => `/joints/${NEW_JOINT[project as keyof typeof NEW_JOINT]}`;

test('from the job to a whole plan in a few taps, and back again', async ({ page, looks }, info) => {
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  await page.goto(address(info.project.name));
  await page.getByRole('button', { name: 'start from drier stub' }).click();
  await expect(page.getByTestId('reading-flux')).toHaveText('FB3-A');
  await expect(page.getByText(/plating is gone in seconds/)).toBeVisible();
  await looks();
  if (!new Kesto(page).wide) await page.getByRole('button', { name: 'Show the temperatures' }).click();
  await expect(
    page
      .getByRole('img', { name: /^temperature along/ })
      .locator('path')
      .first(),
  ).toBeVisible();
  await expect(page.getByRole('img', { name: /^temperature ladder/ })).toBeVisible();
  await page.getByRole('button', { name: 'Compare fillers' }).click();
  await expect(page.getByText('melts over')).toBeVisible();
  await page.getByRole('button', { name: /^flood / }).click();
  await expect(page.getByRole('img', { name: /oxygen falls/ })).toBeVisible();
  await looks();
  await page.getByRole('button', { name: 'close' }).click();
  await page.getByRole('button', { name: 'undo' }).click();
  await expect(page.getByTestId('reading-flux')).toHaveText('none');
  await page.getByRole('button', { name: 'redo' }).click();
  await expect(page.getByTestId('reading-flux')).toHaveText('FB3-A');
});

test('the right warning stands at the top', async ({ page }, info) => {
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  await page.goto(address(info.project.name));
  await page.getByRole('button', { name: 'start from tube in a coupling' }).click();
  const around = async () => {
    if (kesto.wide) return kesto.plannerPart('around it');
    await page.getByRole('button', { name: 'Change the parts' }).click();
    await kesto.plannerPart('around it');
  };
  await around();
  await page.getByRole('button', { name: 'others' }).click();
  await page.getByRole('button', { name: '+ sprinkler' }).click();
  await page.getByLabel('sideways from the flame').first().fill('400 mm');
  await kesto.plannerPart('the plan');
  await expect(page.getByRole('heading', { name: /Settle this first/ })).toBeVisible();
  const first = page.getByText('Stop.').first();
  await expect(first).toBeVisible();
  await expect(page.getByText(/sprinkler/i).first()).toBeVisible();
});

test('the drawing is edited with the finger, undone, and the ladder read by touch', async ({ page, looks }, info) => {
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  await page.goto(address(info.project.name));
  await page.getByRole('button', { name: 'start from tube in a service valve' }).click();
  const valve = page.getByRole('slider', { name: 'valve', exact: true });
  await expect(valve).toHaveAttribute('aria-valuetext', '35.0 mm');
  // Hovering waits until the handle stands still: the drawing finds its place first.
  await valve.hover();
  const box = await valve.boundingBox();
  if (!box) throw new Error('the valve’s handle is not on the page');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 20, y, { steps: 4 });
  await page.mouse.up();
  await expect(valve).not.toHaveAttribute('aria-valuetext', '35.0 mm');
  await page.getByTestId('step-right').click();
  await looks();
  await page.getByRole('button', { name: 'undo' }).click();
  await page.getByRole('button', { name: 'undo' }).click();
  await expect(valve).toHaveAttribute('aria-valuetext', '35.0 mm');
  const edge = page.getByRole('slider', { name: /far edge/ });
  const reaches = async () => parseFloat((await edge.getAttribute('aria-valuetext')) ?? '');
  const before = await reaches();
  await edge.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(reaches).toBeGreaterThan(before);
  if (!kesto.wide) await page.getByRole('button', { name: 'Show the temperatures' }).click();
  await page.getByTestId('ladder').click({ position: { x: 60, y: 120 } });
  await expect(page.getByTestId('ladder-answers')).toContainText('BAg-36');
  await looks();
});

test('a bench sum goes into a job, and a job may be made by a school of its own', async ({ page, looks }, info) => {
  test.skip(info.project.name === 'wide', 'the other bench walk is wide');
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  await page.goto('/bench');
  await kesto.action('Put in a job');
  const note = `for the walk of ${new Date().toISOString()}`;
  await page.getByRole('radio', { name: 'CR2 · job 31' }).click();
  await page.getByLabel('what it is for').first().fill(note);
  await page.getByRole('button', { name: 'Keep the sum there' }).click();
  await expect(page.getByText('Kept with job 31.')).toBeVisible();
  await looks();
  await page.goto('/jobs/0193a000-0000-7000-8000-000000000041');
  await expect(page.getByText(note)).toBeVisible();
  await page.goto('/jobs/0193a000-0000-7000-8000-000000000042');
  await page.getByRole('button', { name: 'Practice on this job' }).click();
  await kesto.pick('How it cools', 'wet cloth after it has set');
  await page.getByTestId('job-reason').fill('');
  await kesto.action('Keep it so');
  await expect(
    page
      .getByRole('alert')
      .or(page.getByText(/write why this job differs/))
      .first(),
  ).toBeVisible();
  await page.getByTestId('job-reason').fill('the owner waits');
  await looks();
  await kesto.action('Keep it so');
  await expect(page.getByText('Why: the owner waits').filter({ visible: true })).toBeVisible();
});

test('bench: sums without a job, in the person’s own units', async ({ page, looks }, info) => {
  test.skip(info.project.name === 'phone', 'the other bench walk is the phone’s');
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  await page.goto('/bench');
  await expect(page.getByTestId('answer-each side, cold')).toHaveText('0.05');
  await looks();
  for (const sum of ['rod', 'strength', 'purge', 'reach', 'cylinder', 'saturation', 'readings', 'units', 'readings']) {
    await kesto.pick('sum', sum);
    await expect(page.getByRole('status', { name: 'answer' })).toBeVisible();
  }
  await looks();
  await page.getByTestId('field-suctionPressure').fill('eight');
  await expect(page.getByRole('alert')).toContainText('cannot be read');
});

test('keys work on wide, and ? lists them', async ({ page, looks }, info) => {
  test.skip(info.project.name === 'phone', 'a phone has no keys');
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  await page.goto('/joints/0193a000-0000-7000-8000-000000005121');
  await expect(page.getByRole('heading', { name: 'DR1-21' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'keys' })).toContainText('today');
  await looks();
  await page.keyboard.press('Escape');
  await page.keyboard.press('b');
  await expect(page.getByRole('heading', { name: 'bench' })).toBeVisible();
});
