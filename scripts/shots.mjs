// Retakes every picture in docs/screenshots from a fresh demo.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { LAUNCH } from './lib/browser.mjs';
import { startApplication } from './lib/application.mjs';
import { buildClient, buildServer, installNodePackages } from './lib/build.mjs';
import { freePort } from './lib/freePort.mjs';
import { step } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
await buildClient();
await buildServer();
const { chromium } = await import('@playwright/test');

const id = (n) => `0193a000-0000-7000-8000-00000000${n}`;
const SIZES = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } };
const tap = (name) => (page) => page.getByRole('button', { name }).filter({ visible: true }).first().click();
const tick = (name) => (page) => page.getByRole('checkbox', { name }).filter({ visible: true }).first().click();
const choose = (name) => (page) => page.getByRole('radio', { name, exact: true }).filter({ visible: true }).first().click();

/** Back to the head of the sheet. */
const toTop = (page) => page.evaluate(() => document.querySelector('[role=region]')?.scrollTo(0, 0));
const pause = (page) => page.waitForTimeout(1000);
const act = (page) => page.getByTestId('action').filter({ visible: true }).click();
const touch = (testId, position) => (page) => page.getByTestId(testId).click(position ? { position } : {});

const fill = (label, text) => (page) => page.getByLabel(label, { exact: true }).fill(text);
const tickAll = async (page) => {
  for (const box of await page.getByRole('checkbox').filter({ visible: true }).all()) await box.click();
};
/** A hold that is filled and watched for a while, by a stand-in whose clock runs fast. */
const watched = async (page) => {
  const action = page.getByTestId('action').filter({ visible: true });
  for (let tries = 0; tries < 60; tries++) {
    const says = await action.textContent();
    if (/^It stands at|^The supply/.test(says ?? '')) await action.click();
    if (/^The supply/.test(says ?? '')) break;
    await page.waitForTimeout(500);
  }
  await page.waitForTimeout(13_000);
};

/** Noted beforehand, as a person would on another screen. */
const note = (job, stage, kind, values) => (page) =>
  page.evaluate(
    async (told) => {
      const me = (await (await fetch('/api/session')).json()).person.id;
      const body = JSON.stringify({ ...told.body, photos: [], deviceTime: new Date().toISOString() });
      const headers = { 'content-type': 'application/json', 'kesto-person': me };
      await fetch(`/api/jobs/${told.job}/stages/${crypto.randomUUID()}`, { method: 'PUT', headers, body });
    },
    { job, body: { stage, kind, values } },
  );
const reload = (page) => page.reload({ waitUntil: 'networkidle' });
const wait = (ms) => (page) => page.waitForTimeout(ms);
const keep = (page) => page.getByTestId('keep').filter({ visible: true }).first().click();
const micron = (value) => ({ value, unit: 'micron' });
const weighs = (name, before, after, tare) => [
  ...[fill('cylinder', name), fill('on the scale before', `${before} kg`), fill('now', `${after} kg`), fill('stamped tare', `${tare} kg`)],
  ...[keep, pause],
];

/** Picture, window, light, person, address, and what is done there before it is taken. */
const SHOTS = [
  ['kit-phone', 'phone', 'light', 'Ilta Varro', `/jobs/${id('0041')}/kit`, [tap('Tick what is on the van')]],
  ['today-phone', 'phone', 'light', 'Ilta Varro', '/'],
  ['today-wide', 'wide', 'light', 'Maren Ito-Dahl', '/'],
  ['job-phone', 'phone', 'light', 'Ilta Varro', `/jobs/${id('0041')}`],
  ['job-wide', 'wide', 'light', 'Ilta Varro', `/jobs/${id('0041')}`],
  ['find-wide', 'wide', 'light', 'Ilta Varro', `/jobs/${id('0046')}/find`],
  ['decide-wide', 'wide', 'light', 'Ilta Varro', `/jobs/${id('0046')}/decide`, [tap(/^drier$/), tick('the compressor runs')]],
  ['safe-phone', 'phone', 'dark', 'Ilta Varro', `/jobs/${id('0047')}/safe`],
  ['plan-phone', 'phone', 'light', 'Ilta Varro', `/joints/${id('5109')}`],
  ['circuit-wide', 'wide', 'light', 'Ilta Varro', `/units/${id('0024')}/circuits/${id('0034')}`],
  [
    'planner-wide',
    'wide',
    'light',
    'Ilta Varro',
    `/joints/${id('5107')}`,
    [tap('start from tube in a service valve'), pause, touch('grip-part0'), touch('ladder', { x: 90, y: 110 })],
  ],
  ['found-wide', 'wide', 'light', 'Bo Aalto', '/found'],
  ['look-phone', 'phone', 'light', 'Ilta Varro', `/joints/${id('5109')}/look`],
  [
    'run-phone',
    'phone',
    'dark',
    'Ilta Varro',
    `/joints/${id('5109')}/run`,
    ['It is fitted', 'The way out is open', 'Gas on: flooding', 'I feel the gas'].map(tap),
  ],
  ['passport-wide', 'wide', 'dark', 'Bo Aalto', `/joints/${id('5103')}`, [tap(/Check every link/)]],
  [
    'order-phone',
    'phone',
    'dark',
    'Ilta Varro',
    `/jobs/${id('0041')}/order`,
    [tap('Find the best order'), tap(/^show the gas at CR2-08/), toTop],
  ],
  [
    'hold-wide',
    'wide',
    'light',
    'Ilta Varro',
    `/jobs/${id('0043')}/hold`,
    [
      fill('pipe now', '18'),
      fill('held for', '60'),
      tickAll,
      act,
      tap('Let an instrument join'),
      choose('300 times'),
      tap('Start the stand-in'),
      pause,
      watched,
    ],
  ],
  [
    'pull-phone',
    'phone',
    'dark',
    'Ilta Varro',
    `/jobs/${id('0041')}/pull`,
    [
      note(id('0041'), 'hold', 'skipped', { reason: 'held yesterday, on paper' }),
      note(id('0041'), 'pull', 'rig-alone', { reached: micron(60), rise: micron(30) }),
      ...[reload, fill('volume', '13.5 L'), fill('around it', '12 °C'), act, pause, tap('Let an instrument join'), choose('60 times')],
      ...[tap('Start the stand-in'), wait(14_000), tap('more'), tap('Break with nitrogen'), keep, wait(30_000), act, wait(9000), toTop],
    ],
  ],
  [
    'charge-phone',
    'phone',
    'light',
    'Ilta Varro',
    `/jobs/${id('0041')}/charge`,
    [
      ...[note(id('0041'), 'pull', 'skipped', { reason: 'pulled yesterday, on paper' }), reload, fill('plate', '5.49 kg')],
      ...[fill('line length', '12 m'), fill('the plate covers', '8 m'), fill('for each of it', '30 g'), act, pause],
      ...[...weighs('K-3', 10.72, 8.51, 8.4), tap('more'), tap('Another cylinder'), ...weighs('K-5', 17.46, 14.57, 8.36), toTop],
    ],
  ],
];

const app = await startApplication({ dataDir: path.resolve('var/shots-data'), port: await freePort(), fresh: true });
const browser = await chromium.launch(LAUNCH);
const signedIn = new Map();

async function contextFor(person, size, colorScheme) {
  const context = await browser.newContext({
    viewport: SIZES[size],
    colorScheme,
    ...(signedIn.has(person) ? { storageState: signedIn.get(person) } : {}),
  });
  if (person === null || signedIn.has(person)) return context;
  const page = await context.newPage();
  await page.goto(app.url);
  await page.getByRole('button', { name: person }).click();
  await page
    .getByText(new RegExp(`^${person},`))
    .first()
    .waitFor();
  signedIn.set(person, await context.storageState());
  await page.close();
  return context;
}

mkdirSync('docs/screenshots', { recursive: true });
/** All of them, or those that are named: npm run shots charge-phone */
const named = process.argv.slice(2);
for (const [name, size, colorScheme, person, address, actions = []] of SHOTS.filter(
  ([name]) => named.length === 0 || named.includes(name),
)) {
  const context = await contextFor(person, size, colorScheme);
  const page = await context.newPage();
  await page.goto(app.url + address, { waitUntil: 'networkidle' });
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  for (const act of actions) await act(page);
  await page.waitForTimeout(1500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
  step(name);
}
await browser.close();
await app.stop();
process.exit(0);
