import type { Page } from '@playwright/test';
import { entry, MADE } from '../fixtures/jointEntry';
import { expect, test } from '../fixtures/test';
import { button, field, keep, key, shown } from '../pages/found';
import { begins, fills, soapsAll } from '../pages/held';
import { Kesto } from '../pages/kesto';

test.setTimeout(720_000);

/** The demo's heat pump, its circuit as it is drawn there. */
const HEAT_PUMP = '0193a000-0000-7000-8000-000000000024';

/** From what is complained of to a yes: where it leaks, how it is got at. Answers the job's id. */
async function founds(page: Page, kesto: Kesto): Promise<string> {
  await page.goto(`/jobs/new?unit=${HEAT_PUMP}`);
  await page.getByTestId('job-title').fill('short of charge once more');
  await kesto.action('Open the job');
  await kesto.seesJob();
  const job = /jobs\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';
  await kesto.action('Note the complaint');
  await field(page, 'complaint').fill('the seedlings stand cold');
  await keep(page);
  await field(page, 'added, or missing').fill('1.9 kg');
  await field(page, 'in how many days').fill('300');
  await keep(page);
  await button(page, 'drier').click();
  await page.getByRole('radio', { name: 'leak', exact: true }).filter({ visible: true }).click();
  await field(page, /^how much a year/).fill('2.3 kg');
  await keep(page);
  await button(page, /^soap, nothing: /).click();
  await kesto.action('Found: decide');
  await kesto.action('Keep this way');
  await field(page, 'who said yes').fill('the station');
  await field(page, 'to what').fill('a new drier');
  await keep(page);
  return job;
}

/** The list before the torch; what is left of it that locks nothing is overruled with its reason. */
async function madeSafe(page: Page, kesto: Kesto): Promise<void> {
  await expect(shown(page, 'Not yet')).toBeVisible();
  await kesto.answersTorch();
  await expect(shown(page, /^The torch may be lit/)).toBeVisible();
  const done = key(page, 'Safe: plan the joints');
  if (!(await done.isVisible())) {
    await button(page, 'more').click();
    await field(page, 'why').fill('open yard, nothing comes apart yet');
    await button(page, 'Overrule it').click();
  }
  await done.click();
  await kesto.seesJob();
}

/** Both ends of the drier, planned as they are drawn, made while nobody tapped, looked at. Answers the joints. */
async function brazed(page: Page, kesto: Kesto): Promise<readonly string[]> {
  await button(page, /^plan (?!.*, as )/).click();
  await button(page, 'As it is drawn: the plan').click();
  await kesto.action('Put in the job');
  await kesto.seesJob();
  await button(page, /^plan .*, as GH2-/).click();
  await kesto.action('Put in the job');
  await kesto.seesJob();
  await kesto.action(/^Go on at GH2-/);
  await kesto.action('Braze it');
  const joints: string[] = [];
  for (const isLast of [false, true]) {
    await kesto.notesAfterwards();
    await kesto.action('It is brazed');
    await page.waitForURL(/\/look$/);
    joints.push(/joints\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '');
    await kesto.action('All seen, back too: it passes');
    await kesto.action(isLast ? 'Joints made: prove it holds' : /^Go on at GH2-/);
  }
  return joints;
}

/** Held; where it leaks found by soap, mended, and held again: tight, and let down. */
async function holds(page: Page, job: string, joints: readonly string[]): Promise<void> {
  for (let tries = 0; tries < 3; tries++) {
    await begins(page, false, tries === 0 ? '30' : '');
    await fills(page);
    const bubbles = (await soapsAll(page)).includes(true);
    await expect(key(page, 'End the hold')).toBeVisible({ timeout: 200_000 });
    await key(page, 'End the hold').click();
    await page.getByTestId('keep').filter({ hasText: /zero/, visible: true }).click();
    if (!bubbles) break;
    for (const joint of joints) {
      const { state } = (await (await page.request.get(`/api/joints/${joint}`)).json()) as { state: string };
      if (state === 'passed') await entry(page, joint, 'looked-at', { result: 'rework', findings: ['pinhole'], note: '' });
      await entry(page, joint, 'reworked', MADE);
      await entry(page, joint, 'looked-at', { result: 'pass', findings: [], note: '' });
    }
    await page.goto(`/jobs/${job}/hold`);
    await button(page, 'Hold again').click();
  }
}

/** Shut off, watched for ten of the clock's minutes, judged. */
async function risen(page: Page): Promise<void> {
  await key(page, 'Shut it off').click();
  await expect(key(page, 'Judge the rise')).toBeVisible({ timeout: 120_000 });
  await key(page, 'Judge the rise').click();
  await expect(key(page, 'Judge the rise')).toBeHidden();
}

/** Pumped until it has stood for so long of real time: the stand-in's clock runs three hundred times as fast. */
async function pumped(page: Page, ms: number): Promise<void> {
  await expect(key(page, 'Shut it off')).toBeVisible({ timeout: 120_000 });
  await page.waitForTimeout(ms);
}

async function pulls(page: Page, job: string): Promise<void> {
  // A tight hold leads on to it, with the pump and its hoses first.
  await expect(page).toHaveURL(new RegExp(`/jobs/${job}/pull`));
  await field(page, /down to, in 5 min/).fill('60 micron');
  await field(page, /rose by, in 5 min/).fill('30 micron');
  await keep(page);
  await field(page, /^around it/).fill('18 °C');
  await field(page, /^volume/).fill('6 L');
  await key(page, 'Begin the pull').click();
  await button(page, 'Let an instrument join').click();
  await page.getByRole('radio', { name: '300 times' }).filter({ visible: true }).click();
  await button(page, 'Start the stand-in').click();
  await pumped(page, 4000);
  await risen(page);
  await expect(shown(page, /^(Wet|Cannot tell yet)$/)).toBeVisible();
  for (let breaks = 1; breaks <= 2; breaks++) {
    if (breaks === 1) await key(page, 'Break with nitrogen').click();
    else {
      await button(page, 'more').click();
      await button(page, 'Break with nitrogen').click();
    }
    await keep(page);
    await expect(shown(page, new RegExp(breaks === 1 ? 'after one break' : 'after 2 breaks'))).toBeVisible();
    await pumped(page, 9000);
  }
  await risen(page);
  await expect(shown(page, /^Tight and dry$/)).toBeVisible();
}

async function charges(page: Page): Promise<void> {
  await field(page, /^plate/).fill('2.2 kg');
  await expect(page.getByTestId('charge-wanted').filter({ visible: true })).toHaveText('2.20');
  await key(page, 'Begin the charge').click();
  for (const [label, text] of [
    ['cylinder', 'K-3'],
    ['on the scale before', '10.00 kg'],
    ['now', '9.00 kg'],
    ['stamped tare', '8.20 kg'],
  ] as const)
    await field(page, new RegExp(`^${label}`)).fill(text);
  await keep(page);
  await button(page, 'more').click();
  await button(page, 'Another cylinder').click();
  // Heavier than before is refused where it is typed, and nothing is lost.
  for (const [label, text] of [
    ['cylinder', 'K-5'],
    ['on the scale before', '17.00 kg'],
    ['now', '17.50 kg'],
  ] as const)
    await field(page, new RegExp(`^${label}`)).fill(text);
  await keep(page);
  await expect(shown(page, /must not lie over its weight before/)).toBeVisible();
  await field(page, /^now/).fill('15.80 kg');
  await keep(page);
  // With the weight that makes it whole what is seen to before the start lies open.
  const seen = page.getByRole('radio', { name: 'seen to' }).filter({ visible: true });
  await expect(seen).toHaveCount(9);
  for (const answer of await seen.all()) await answer.click();
  await keep(page);
  await key(page, 'Read it when it has settled').click();
  for (const [label, text] of [
    ['suction pressure', '8.6 bar'],
    ['suction line', '12 °C'],
    ['liquid pressure', '24 bar'],
    ['liquid line', '34 °C'],
  ] as const)
    await field(page, new RegExp(`^${label}`)).fill(text);
  await page
    .getByRole('checkbox', { name: /Doors and panels/ })
    .filter({ visible: true })
    .click();
  await keep(page);
  await key(page, 'Charged: hand it over').click();
}

test('the demo’s heat pump, from the complaint to the signature: found, brazed, held, pulled wet, broken twice, charged, signed', async ({
  page,
  looks,
}, info) => {
  test.skip(info.project.name !== 'phone', 'the same sheets on both');
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  const job = await founds(page, kesto);
  await madeSafe(page, kesto);
  const joints = await brazed(page, kesto);
  await holds(page, job, joints);

  await pulls(page, job);
  await looks();
  await key(page, 'Dry: on to the charge').click();
  await expect(page).toHaveURL(new RegExp(`/jobs/${job}/charge$`));
  await charges(page);
  await expect(page).toHaveURL(new RegExp(`/jobs/${job}/hand-over$`));
  await looks();
  const done = page.getByRole('button', { name: /^(?!All ).*: done$/ }).filter({ visible: true });
  await expect(done.first()).toBeVisible();
  for (let left = await done.count(); left > 0; left = await done.count()) {
    await done.first().click();
    await expect(done).toHaveCount(left - 1);
  }
  await key(page, 'Sign').click();
  await field(page, /^name/).fill('M. Lind');
  await field(page, /^signs as/).fill('for the station');
  const pad = (await page.getByTestId('signature').filter({ visible: true }).boundingBox()) ?? { x: 0, y: 0 };
  await page.mouse.move(pad.x + 20, pad.y + 60);
  await page.mouse.down();
  for (let i = 1; i < 20; i++) await page.mouse.move(pad.x + 20 + 8 * i, pad.y + 60 + 20 * Math.sin(i));
  await page.mouse.up();
  await keep(page);
  await expect(page).toHaveURL(new RegExp(`/jobs/${job}$`));

  const kept = (await (await page.request.get(`/api/jobs/${job}`)).json()) as {
    done: boolean;
    stages: {
      entries: { content: { said: { kind: string; told: { drawn?: string } }; worked: { values: { verdict?: string } } | null } }[];
    };
  };
  expect(kept.done).toBe(true);
  const rises = kept.stages.entries
    .filter(({ content }) => content.said.kind === 'rise')
    .map(({ content }) => content.worked?.values.verdict);
  expect(rises.at(-1)).toBe('tight-and-dry');
  expect(rises.slice(0, -1)).not.toContain('tight-and-dry');
  const report = await page.request.get(`/api/jobs/${job}/report.pdf`);
  expect([report.status(), (await report.body()).subarray(0, 5).toString()]).toEqual([200, '%PDF-']);
});
