import type { Page } from '@playwright/test';
import { seen, SPLIT } from '../fixtures/circuits';
import { madeMachine, plannedJoint } from '../fixtures/machine';
import { entry, MADE } from '../fixtures/jointEntry';
import { expect, test } from '../fixtures/test';
import { key, shown } from '../pages/found';
import { begins, fills, soapsAll } from '../pages/held';
import { Kesto } from '../pages/kesto';

test.setTimeout(360_000);

const litres = (value: number) => ({ volume: { value, unit: 'L' } });
/** Valves that were seen to close, and what the section between them holds. */
const MACHINE = seen(SPLIT, {
  ...{ 'liquid-valve': { closes: true }, 'gas-valve': { closes: true }, drier: litres(0.2), evaporator: litres(2.8) },
});
const AT = { part: 'drier', from: 'liquid-valve', to: 'drier' };

const look = (page: Page, joint: string, result: string, findings: readonly string[]) =>
  entry(page, joint, 'looked-at', { result, findings, note: '' });

/** A joint that was made and passed, in the section that is held. */
async function readyToHold(page: Page) {
  const tag = `H${Date.now() % 1_000_000}`;
  const job = await madeMachine(page, { tag, refrigerant: 'R-410A', graph: MACHINE, title: 'short of charge' });
  const joint = await plannedJoint(page, job, AT);
  await entry(page, joint, 'brazed', MADE);
  await look(page, joint, 'pass', []);
  return { job, joint };
}

test('held, told that it leaks, found by soap, mended, and held again', async ({ page, looks }, info) => {
  test.skip(info.project.name !== 'phone', 'the same sheets on both');
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  const { job, joint } = await readyToHold(page);
  await page.goto(`/jobs/${job}/hold`);
  await expect(page.getByTestId('hold-cap').filter({ visible: true })).toBeVisible();
  await looks();

  await begins(page, info.project.name === 'wide');
  await fills(page);
  const first = await soapsAll(page);
  expect(first).toContain(true);
  await expect(shown(page, /^Leaking$/)).toBeVisible({ timeout: 150_000 });
  await looks();
  await page.reload();
  await expect(shown(page, /^Leaking$/)).toBeVisible({ timeout: 30_000 });
  await key(page, 'End the hold').click();
  await page.getByTestId('action').or(page.getByTestId('keep')).filter({ hasText: 'It is at zero', visible: true }).click();
  await expect(key(page, /^Mend /)).toBeVisible();
  await looks();
  // The joint has it in its own record, by Kesto.
  const record = (await (await page.request.get(`/api/joints/${joint}`)).json()) as { entries: { content: { said: { kind: string } } }[] };
  expect(record.entries.at(-1)?.content.said.kind).toBe('held');

  await look(page, joint, 'rework', ['pinhole']);
  await entry(page, joint, 'reworked', MADE);
  await look(page, joint, 'pass', []);
  await page.goto(`/jobs/${job}/hold`);
  await page.getByRole('button', { name: 'Hold again' }).filter({ visible: true }).click();
  await begins(page, false);
  await fills(page);
  expect(await soapsAll(page)).not.toContain(true);
  await expect(key(page, 'End the hold')).toBeVisible({ timeout: 150_000 });
  await expect(shown(page, /^Leaking$/)).toBeHidden();
  await key(page, 'End the hold').click();
  await expect(page.getByTestId('keep').filter({ hasText: /zero/, visible: true })).toBeVisible();

  // Not one sample was lost or came twice, silent or not.
  const holds = (await (await page.request.get(`/api/jobs/${job}`)).json()) as {
    stages: { entries: { content: { said: { kind: string; told: { hold?: string } } } }[] };
  };
  for (const { content } of holds.stages.entries.filter(({ content: { said } }) => said.kind === 'series-began')) {
    const live = (await (await page.request.get(`/api/jobs/${job}/holds/${content.said.told.hold}/live`)).json()) as {
      series: { samples: number; disagreements: number }[];
    };
    expect(live.series[0]?.samples).toBeGreaterThan(20);
    expect(live.series[0]?.disagreements).toBe(0);
  }
});

test('a logger’s file, its columns in any order, is looked at, kept, and given back as a table', async ({ page, looks }, info) => {
  test.skip(info.project.name !== 'phone', 'the same panel on both');
  const kesto = new Kesto(page);
  await kesto.signIn('Ilta Varro');
  const { job } = await readyToHold(page);
  await page.goto(`/jobs/${job}/hold`);
  await page.getByLabel('pipe now', { exact: true }).fill('18');
  for (const box of await page.getByRole('checkbox').filter({ visible: true }).all()) await box.click();
  await key(page, 'Begin the fill').click();
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Read a log (CSV)' }).filter({ visible: true }).click();
  const lines = Array.from({ length: 40 }, (_, i) => `${(18 + i / 100).toFixed(2)};${(2000 - i / 10).toFixed(1)};${5 * i}`);
  const csv = ['Temp °C;Druck kPa;Sekunden time', ...lines, 'end;of;log'].join('\r\n');
  await (await chosen).setFiles({ name: 'hold.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(shown(page, /^40 lines; 1 say no time/)).toBeVisible();
  await expect(shown(page, /2000\.0 kPag {2}18\.0 °C/)).toBeVisible();
  await looks();
  await page.getByRole('button', { name: 'Keep this log' }).filter({ visible: true }).click();
  await expect(shown(page, /^40 samples are safe$|; 40 samples are safe/)).toBeVisible();
  const holds = (await (await page.request.get(`/api/jobs/${job}`)).json()) as {
    stages: { entries: { content: { said: { id: string; kind: string } } }[] };
  };
  const hold = holds.stages.entries.find(({ content }) => content.said.kind === 'hold-began')?.content.said.id ?? '';
  const table = await (await page.request.get(`/api/jobs/${job}/holds/${hold}/samples.csv`)).text();
  expect(table.split('\r\n')).toHaveLength(42);
});
