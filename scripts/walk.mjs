// Walks a shop from nothing, as its admin on a phone: from the one-time code to the first joint planned on a drawn circuit, then its job through
// find, decide and make safe, and more joints of what is opened. Prints taps, typed fields and seconds; ends with 1 where the first joint takes
// more than 28 taps or 10 fields, or the next ones more than 3 taps each.
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { startApplication } from './lib/application.mjs';
import { buildClient, buildServer, installNodePackages } from './lib/build.mjs';
import { freePort } from './lib/freePort.mjs';
import { step, stop } from './lib/report.mjs';

const MOST = { taps: 28, fields: 10, tapsOfTheNext: 3 };
/** A person looks before each tap and types; the script does neither. Judgement. */
const PERSON_S = { tap: 3, field: 6 };

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
await buildClient();
await buildServer();
const { chromium } = await import('@playwright/test');
const app = await startApplication({ dataDir: path.resolve('var/walk-data'), port: await freePort(), fresh: true, demo: false });
const browser = await chromium.launch({
  executablePath: process.env.KESTO_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
const counted = { taps: 0, fields: 0 };
const shown = (locator) => locator.filter({ visible: true }).first();
const tap = async (role, name) => {
  counted.taps++;
  await shown(page.getByRole(role, { name, exact: typeof name === 'string' })).click();
};
const act = async (label) => {
  counted.taps++;
  await shown(page.getByTestId('action').filter({ hasText: label })).click();
};
/** What keeps the sheet that is open over the screen. */
const keep = async () => {
  counted.taps++;
  await shown(page.getByTestId('keep')).click();
  await page.waitForTimeout(300);
};
const type = async (locator, text) => {
  counted.fields++;
  await shown(locator).fill(text);
};
const field = (label) => page.getByLabel(label, { exact: typeof label === 'string' });

/** Each part of the way, by what the person does. */
const WAY = [
  [
    'the shop and its admin',
    async () => {
      await page.goto(app.url);
      await tap('button', 'I have a code');
      await type(page.getByTestId('join-code'), app.said.firstCode);
      await shown(page.getByTestId('join-look')).click();
      counted.taps++;
      await type(field('what the shop is called'), 'Orangery cooling');
      await type(field(/^your name/), 'Maren Ito-Dahl');
      await type(field(/^password, ten/), 'ten letters or more');
      await shown(page.getByTestId('join')).click();
      counted.taps++;
    },
  ],
  [
    'the van counted',
    async () => {
      await tap('link', 'The van');
      for (let i = 0; i < 3; i++) await tap('button', 'one stick of BAg-36 more');
      await act('Keep this count');
      await tap('link', 'up to today');
    },
  ],
  [
    'a site and a machine from its plate',
    async () => {
      await tap('link', 'A site');
      await type(field('name of the site'), 'the orangery');
      await keep();
      await act('A machine, from its plate');
      await tap('button', 'R-449A');
      await type(field('high side'), '28 bar');
      await type(field('low side'), '19 bar');
      await tap('radio', 'cold room');
      await type(field('tag on the machine'), 'OR1');
      await type(field('name, as vault cold room'), 'orangery cold room');
      await act('Keep OR1');
    },
  ],
  [
    'a job',
    async () => {
      await type(page.getByTestId('job-title'), 'suction valve leaks');
      await act('Open the job');
    },
  ],
  [
    'its circuit drawn from the nearest kind',
    async () => {
      await tap('button', 'Draw its circuit');
      await tap('button', 'walk-in with receiver');
      await tap('button', 'king valve');
      await tap('radio', 'shuts tight');
      await act('Keep the drawing');
    },
  ],
  [
    'a joint planned on it',
    async () => {
      await tap('button', 'Open the drawing');
      await tap('button', /^tube, evaporator coil to/);
      await tap('button', 'at suction valve');
      for (let i = 0; i < 3; i++) await act('Next');
      await act('Put in the job');
      await page.getByText('order to braze').filter({ visible: true }).waitFor();
    },
  ],
];

/** Somebody else, once the first joint stands. */
const PEOPLE = [
  [
    'a second person asked in',
    async () => {
      await tap('link', 'up to today');
      await tap('link', /^people/);
      await act('Ask somebody in');
      await type(page.getByTestId('invite-name'), 'Sanna Kivi');
      await tap('button', 'Make the code');
      await page.getByTestId('one-time-code').waitFor();
      await tap('button', 'Done');
      await page.goBack();
      await tap('link', /suction valve leaks/);
    },
  ],
];

/** One of several boxes. */
const ticks = async (box) => {
  counted.taps++;
  await box.click();
};
const POINTS = [
  [/^power off, locked:/, 'who holds the key', /^Tried to start it/],
  [/^pictures before/, 'what they show'],
  [/^zero and open/, 'through what it is open', /gauge at zero, open to air$/],
  [/^no liquid left/, 'how'],
  [/^people told/, 'who, and for how long'],
  [/^extinguisher/, 'how'],
  [/^fire watch/, 'who, and for how many minutes'],
  [/^sprinklers/, 'how'],
  [/^detectors/, 'how'],
  [/^air to breathe/, 'how'],
  [/^cover and drip/, 'what is covered, and how'],
];

/** The stages before the torch, on the job that was opened. */
const STAGES = [
  [
    'found',
    async () => {
      await act('Note the complaint');
      await act('Note the complaint');
      await type(field('complaint'), 'the vault creeps up');
      await keep();
      await tap('button', 'suction valve');
      await tap('radio', 'leak');
      await keep();
      await tap('button', 'suction port');
      await tap('radio', 'nothing');
      await keep();
      await act('Found: decide');
    },
  ],
  [
    'decided',
    async () => {
      await tap('button', 'drier');
      await tap('button', 'sight glass');
      await tap('checkbox', 'the compressor runs');
      await act('Keep this way');
      await keep();
      await act('Get approval');
      await type(field('who said yes'), 'the orangery');
      await type(field('to what'), 'valve and drier');
      await keep();
      await act('Decided: make safe');
    },
  ],
  [
    'made safe',
    async () => {
      for (const [point, asked, ticked] of POINTS) {
        await tap('button', point);
        await type(field(asked), 'seen to');
        if (ticked) for (const box of await page.getByRole('checkbox', { name: ticked }).filter({ visible: true }).all()) await ticks(box);
        await keep();
      }
      await tap('button', /^refrigerant out/);
      await type(field('tare, by its stamp'), '12.1 kg');
      await type(field('water, by its stamp'), '21.6 kg');
      await type(field('on the scale before'), '12.1 kg');
      await type(field('on the scale after'), '20.4 kg');
      await type(field('how long it took'), '48');
      await keep();
      await act('Safe: plan the joints');
      await page.getByText('order to braze').filter({ visible: true }).waitFor();
    },
  ],
];

/** Five more joints of what is opened, each as the one before. */
const NEXT_JOINTS = [1, 2, 3, 4, 5].map((n) => [
  `the next joint ${n}`,
  async () => {
    await tap('button', /^plan /);
    counted.taps++;
    await shown(page.getByTestId('as-last')).click();
    await act('Put in the job');
    await page.getByText('order to braze').filter({ visible: true }).waitFor();
  },
]);

/** What the person sees at each step of a joint, which is what the key is named. */
const TORCH = ['The way out is open', 'Gas on: flooding', 'I feel the gas', 'Trickle set', 'Lighting', 'Flame off'];
const AFTER = ['So it was made', 'Nitrogen off', 'It is cool'];

/** The order, then the first joint at the torch. */
const MADE = [
  [
    'the order',
    async () => {
      await tap('button', 'In which order');
      await tap('button', 'Find the best order');
      await act('Keep this order');
      await page.getByText('order to braze').filter({ visible: true }).waitFor();
    },
  ],
  [
    'a joint at the torch',
    async () => {
      await shown(page.getByRole('link').filter({ hasText: /OR1-0/ })).click();
      counted.taps++;
      await act(/^Braze it/);
      await act('It is fitted');
      const next = page.getByTestId('action').filter({ hasText: /It is wrapped|The way out is open/, visible: true });
      await next.waitFor({ timeout: 20_000 });
      if ((await next.textContent()) === 'It is wrapped') await act('It is wrapped');
      for (const seen of TORCH) {
        await page.getByTestId('action').filter({ hasText: seen, visible: true }).waitFor({ timeout: 150_000 });
        await act(seen);
      }
      for (const seen of AFTER) await act(seen);
      await page.getByTestId('action').filter({ hasText: 'Look at it', visible: true }).waitFor();
    },
  ],
];

async function walked(way) {
  const began = performance.now();
  const start = { ...counted };
  for (const [what, walk] of way) {
    const before = { ...counted };
    await walk();
    step(`${what}: ${counted.taps - before.taps} taps, ${counted.fields - before.fields} fields`);
  }
  const [taps, fields] = [counted.taps - start.taps, counted.fields - start.fields];
  const scriptS = (performance.now() - began) / 1000;
  const personS = scriptS + taps * PERSON_S.tap + fields * PERSON_S.field;
  step(`in all ${taps} taps, ${fields} fields; ${scriptS.toFixed(0)} s by script, about ${minutes(personS)} by hand *`);
  return { taps, fields };
}

const minutes = (s) => `${Math.floor(s / 60)}:${String(Math.round(s % 60)).padStart(2, '0')} min`;
let first = { taps: 0, fields: 0 };
let next = { taps: 0, fields: 0 };
try {
  first = await walked(WAY);
  await walked(PEOPLE);
  await walked(STAGES);
  next = await walked(NEXT_JOINTS);
  await walked(MADE);
} finally {
  await browser.close();
  await app.stop();
}
console.log(`* assumed: ${PERSON_S.tap} s a tap, ${PERSON_S.field} s a field`);
if (first.taps > MOST.taps || first.fields > MOST.fields)
  stop('the way to the first joint is longer than 28 taps and 10 fields', 'see which part grew');
if (next.taps > NEXT_JOINTS.length * MOST.tapsOfTheNext) stop('the next joints take more than three taps each', 'see which part grew');
