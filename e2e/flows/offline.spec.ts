import type { Page } from '@playwright/test';
import { expect, test as base } from '../fixtures/test';
import { wayTo, type Way } from '../../scripts/lib/way.cjs';
import { SPLIT } from '../fixtures/circuits';
import { madeMachine, plannedJoint } from '../fixtures/machine';
import { Kesto } from '../pages/kesto';

/** The whole application behind a way that can be cut, with its worker: page, worker and requests lose the server alike. */
const test = base.extend<{ way: Way }>({
  // Playwright reads what a fixture needs from its first parameter.

  way: async ({}, use) => {
    const way = await wayTo(process.env['KESTO_URL'] ?? 'http://127.0.0.1:8080');
    await use(way);
    await way.close();
  },
  baseURL: async ({ way }, use) => use(way.url),
});
test.use({ serviceWorkers: 'allow' });
test.setTimeout(360_000);
// Each begins with a first visit and waits for all of it: once, on the phone it is for.
test.beforeEach(({ page: _page }, info) => test.skip(info.project.name !== 'phone', 'walked on the phone it is used on'));

const cachedJoints = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const asked = indexedDB.open('kesto-cache');
        asked.onsuccess = () => {
          const keys = asked.result.transaction('answers').objectStore('answers').getAllKeys();
          keys.onsuccess = () => {
            asked.result.close();
            resolve(keys.result.filter((key) => String(key).includes('/api/joints/')).length);
          };
        };
      }),
  );

interface Today {
  readonly jobs: readonly { readonly id: string; readonly joints: number; readonly stage: string }[];
}
interface Job {
  readonly unit: { readonly id: string };
  readonly circuit: { readonly id: string };
  readonly order: readonly { readonly id: string; readonly tag: string; readonly title: string }[];
}

/** Signs in and waits until the application, and the work of today's jobs, are on the device. */
async function kept(page: Page, person: string): Promise<Today> {
  // As this page was told: others open joints in the same shop meanwhile.
  let told: Today | null = null;
  page.on('response', async (response) => {
    if (new URL(response.url()).pathname === '/api/today' && response.ok()) told = (await response.json()) as Today;
  });
  await new Kesto(page).signIn(person);
  await page.evaluate(() => navigator.serviceWorker.ready);
  const missing = async () => {
    if (!told) return Infinity;
    return told.jobs.reduce((sum, job) => sum + job.joints, 0) - (await cachedJoints(page));
  };
  await expect.poll(missing, { timeout: 90_000 }).toBeLessThanOrEqual(0);
  return told!;
}

const note = (page: Page) => page.getByText(/^No signal: shown as of \d\d:\d\d/);

test('opens cold without a signal: today, a job, its unit, a passport, a plan, the bench; then is in step again', async ({ page, way }) => {
  const today = await kept(page, 'Ilta Varro');
  const first = today.jobs.find((one) => one.joints > 1);
  const job = (await (await page.request.get(`/api/jobs/${first!.id}`)).json()) as Job;
  const joint = job.order[0]!;
  way.cut();
  const opens: readonly (readonly [path: string, shows: RegExp | string])[] = [
    ['/', /^Ilta Varro,|today/],
    [`/jobs/${first!.id}`, joint.tag],
    [`/units/${job.unit.id}`, 'the plate'],
    [`/units/${job.unit.id}/circuits/${job.circuit.id}`, 'compressor'],
    [`/joints/${joint.id}`, joint.title],
    [`/joints/${joint.id}/braze`, joint.tag],
    [`/joints/${joint.id}/run`, joint.tag],
    [`/jobs/${first!.id}/order`, 'In which order'],
    ['/van', 'van'],
    ['/bench', 'bench'],
  ];
  for (const [path, shows] of opens) {
    await page.goto(path);
    await expect(page.getByText(shows).filter({ visible: true }).first(), path).toBeVisible({ timeout: 20_000 });
  }
  await page.goto('/');
  await expect(note(page)).toBeVisible();
  way.mend();
  await expect(note(page)).toHaveCount(0, { timeout: 40_000 });
});

test('what was not fetched says so, and what opens instead; another person sees nothing of it', async ({ page, way }) => {
  const today = await kept(page, 'Ilta Varro');
  way.cut();
  await page.goto('/jobs/0193a000-0000-7000-8000-0000000000aa');
  await expect(page.getByRole('alert').filter({ visible: true })).toContainText(
    'Today’s jobs, their units, circuits and joints open without a signal',
  );
  await page.goto('/me');
  await new Kesto(page).leaves();
  await page.goto(`/jobs/${today.jobs[0]!.id}`);
  await expect(page.getByRole('alert').filter({ visible: true })).toBeVisible();
  expect(await cachedJoints(page)).toBe(0);
  way.mend();
  await page.goto('/');
  // The server is told at last, and whoever comes next signs in.
  await expect(page.getByRole('button', { name: 'Oskar Penn' })).toBeVisible({ timeout: 20_000 });
  expect((await page.request.get('/api/session')).status()).toBe(401);
});

test('what is written down without a signal stands after a cold start without one, and is sent once when there is one', async ({
  page,
  way,
}, info) => {
  const today = await kept(page, 'Oskar Penn');
  const job = today.jobs.find(({ stage }) => stage === 'find')!.id;
  const said = `warm since ${info.project.name} ${Date.now() % 1_000_000}`;
  way.cut();
  await page.goto(`/jobs/${job}/find`);
  await page.getByRole('button', { name: 'Complaint' }).filter({ visible: true }).first().click();
  await page.getByLabel('complaint', { exact: true }).filter({ visible: true }).first().fill(said);
  await page.getByTestId('keep').filter({ visible: true }).click();
  await expect(page.getByTestId('keep').filter({ hasText: 'Keep the complaint', visible: true })).toHaveCount(0);
  await page.goto('/kept');
  await expect(page.getByText('complaint').filter({ visible: true }).first()).toBeVisible();
  way.mend();
  const times = async () => JSON.stringify(await (await page.request.get(`/api/jobs/${job}`)).json()).split(said).length - 1;
  await expect.poll(times, { timeout: 60_000 }).toBe(1);
});

/** The one key in the bar, whatever it keeps. */
const key = (page: Page, label: string) => page.getByTestId('action').filter({ hasText: label, visible: true });
/** Each tap of a joint at the torch, by what the person sees; the second one is threaded through a wall. */
const TAPS = [
  ...(['It is fitted', 'The way out is open', 'Gas on: flooding', 'I feel the gas', 'Trickle set', 'Lighting', 'Flame off'] as const),
  ...(['So it was made', 'Nitrogen off', 'It is cool'] as const),
];

test('a job’s joints are made without a signal, from the order to the last one that is cool; then all of it arrives once', async ({
  page,
  way,
}) => {
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  const job = await madeMachine(page, { tag: `O${Date.now() % 1_000_000}`, refrigerant: 'R-449A', graph: SPLIT, title: 'drier to change' });
  const into = await plannedJoint(page, job, { part: 'drier', from: 'liquid-valve', to: 'drier' });
  const out = await plannedJoint(page, job, { part: 'drier', from: 'drier', to: 'expansion' });
  await page.goto(`/jobs/${job}/safe`);
  await kesto.answersTorch();
  await page.evaluate(() => navigator.serviceWorker.ready);
  // Seen once with a signal, as the way to the machine is.
  for (const path of [`/jobs/${job}`, `/jobs/${job}/order`, `/joints/${into}/run`, `/joints/${out}/run`]) {
    await page.goto(path);
    await expect(page.getByTestId('action').filter({ visible: true }).first()).toBeVisible({ timeout: 20_000 });
  }
  way.cut();
  await page.goto(`/jobs/${job}/order`);
  await key(page, 'Keep this order').click();
  for (const joint of [into, out]) {
    await page.goto(`/joints/${joint}/run`);
    const first = joint === out ? ['So it is', ...TAPS] : TAPS;
    for (const label of first) {
      await expect(key(page, label)).toBeEnabled({ timeout: 40_000 });
      await key(page, label).click();
    }
    await expect(key(page, 'Look at it')).toBeVisible({ timeout: 30_000 });
  }
  way.mend();
  const kinds = async (path: string) => {
    const text = JSON.stringify(await (await page.request.get(path)).json());
    return (kind: string) => text.split(`"kind":"${kind}"`).length - 1;
  };
  await expect.poll(async () => (await kinds(`/api/joints/${out}`))('cooled'), { timeout: 60_000 }).toBe(1);
  for (const joint of [into, out]) {
    const count = await kinds(`/api/joints/${joint}`);
    for (const kind of ['dry-fit', 'flooding-began', 'lit', 'flame-off', 'brazed', 'nitrogen-off', 'cooled'])
      expect(count(kind), kind).toBe(1);
  }
  // The watch began with the first flame that went off, once; the second one only moves its end.
  expect((await kinds(`/api/jobs/${job}`))('watch-began')).toBe(1);
  expect((await (await page.request.get(`/api/jobs/${job}`)).json()).keptOrder.order).toEqual([into, out]);
});
