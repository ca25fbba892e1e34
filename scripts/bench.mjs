// Measures what a person waits for, as ratios within one run, and writes bench/results.json and the table in docs/benchmarks.md.
import { execFileSync, spawnSync } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { LAUNCH } from './lib/browser.mjs';
import { startApplication } from './lib/application.mjs';
import { measureAppends } from './lib/appends.mjs';
import { buildClient, buildServer, compress, installNodePackages } from './lib/build.mjs';
import { measureCircuitFrames, measureFrames, measureFullestCircuit } from './lib/frames.mjs';
import { freePort } from './lib/freePort.mjs';
import { step } from './lib/report.mjs';
import { runOrStop } from './lib/run.mjs';
import { measureSlowLine } from './lib/slowLine.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
await buildClient();
await buildServer();
const { bundle } = await import('./lib/bundle.mjs');
const { chromium } = await import('@playwright/test');

step('the engine');
await bundle(path.resolve('.'), 'bench/src/main.ts', 'bench/dist/main.mjs');
const engine = JSON.parse(execFileSync(process.execPath, ['bench/dist/main.mjs'], { encoding: 'utf8' }));

step('the bare shell of the same stack');
rmSync('bench/shell/dist', { recursive: true, force: true });
runOrStop('npx expo export -p web', { cwd: 'bench/shell' });
await compress('bench/shell/dist');

const browser = await chromium.launch(LAUNCH);

/** Bytes of script over the wire until the first screen stands still. */
async function scriptBytes(url) {
  const page = await (await browser.newContext()).newPage();
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const scripts = new Set();
  let bytes = 0;
  session.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => scripts.has(requestId) && (bytes += encodedDataLength));
  await page.goto(url, { waitUntil: 'networkidle' });
  await page.close();
  return bytes;
}

async function serving(clientDir, work, options = {}) {
  const app = await startApplication({ dataDir: path.resolve('var/bench-data'), port: await freePort(), clientDir, ...options });
  try {
    return await work(app.url);
  } finally {
    await app.stop();
  }
}

step('first load');
const shellBytes = await serving('bench/shell/dist', scriptBytes);
const kestoBytes = await serving('client/dist', scriptBytes);

step('the first screen on a slow line with a slow processor');
const slowShell = await serving('bench/shell/dist', (url) =>
  measureSlowLine(chromium, url, { waited: [{ among: '#root button', text: 'Go' }] }),
);
const slowKesto = await serving('client/dist', (url) =>
  measureSlowLine(chromium, url, {
    waited: [
      { among: 'button', text: 'Sign in' },
      { among: '#root button', text: 'Sign in' },
    ],
    signIn: (page) => page.getByRole('button', { name: 'Ilta Varro' }).click(),
    signedIn: ['', '#root '].map((within) => ({ among: `${within}[role=link]`, text: 'CR2 vault cold room' })),
  }),
);

step('one more entry of a job, at the beginning of its chain and near its end');
const appends = await serving('client/dist', measureAppends, { fresh: true });

step('taps and seconds to a whole plan, five common joints');
const taps = await serving('client/dist', tapsToPlans, { fresh: true });

step('frames while the planner is moved');
const frames = await serving('client/dist', (url) => measureFrames(browser, url), { fresh: true });

step('frames while a part is dragged over a circuit of a hundred parts');
const circuitFrames = await serving('client/dist', (url) => measureCircuitFrames(browser, url), { fresh: true });
const fullest = await serving('client/dist', (url) => measureFullestCircuit(browser, url), { fresh: true });

/** Opens the application as a new person does and counts: sign in, the job, the joint, a starting point. */
async function tapsToPlans(url) {
  const rows = [];
  for (const name of ['tube in a coupling', 'tube in a service valve', 'drier stub', 'expansion valve', 'swaged joint']) {
    const page = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
    const started = performance.now();
    let count = 0;
    const tap = async (locator) => {
      await locator.filter({ visible: true }).first().click();
      count++;
    };
    await page.goto(url);
    await tap(page.getByRole('button', { name: 'Ilta Varro' }));
    await tap(page.getByRole('link').filter({ hasText: 'CR2 vault cold room' }));
    await tap(page.getByRole('link').filter({ hasText: 'CR2-11' }));
    await tap(page.getByRole('button', { name: `start from ${name}` }));
    await page.getByTestId('reading-rod').filter({ visible: true }).waitFor();
    rows.push({ name, taps: count, seconds: (performance.now() - started) / 1000 });
    await page.context().close();
  }
  return rows;
}

step('planning in the client at a quarter of the speed');
await bundle(path.resolve('.'), 'bench/src/browser.ts', 'bench/dist/browser.js', {
  platform: 'browser',
  format: 'iife',
  packages: 'bundle',
});
const page = await browser.newPage();
await page.evaluate(readFileSync('bench/dist/browser.js', 'utf8'));
await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 4 });
const planThrottledMs = await page.evaluate(() => globalThis.kestoPlanMs());
await browser.close();

const [cpu] = cpus();
const result = {
  measured: new Date().toISOString().slice(0, 10),
  version: spawnSync('git', ['rev-parse', '--short', 'HEAD'], { encoding: 'utf8' }).stdout.trim(),
  machine: `${cpus().length} x ${cpu.model}, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.versions.node}`,
  engine,
  planThrottledMs,
  firstLoad: { kestoBytes, shellBytes },
  slowLine: { shell: slowShell, kesto: slowKesto },
  appends,
  frames,
  circuitFrames,
  fullest,
  taps,
};
const tapRows = taps.map(({ name, taps: n, seconds }) => `| ${name} | ${n} | ${seconds.toFixed(1)} |`).join('\n');
writeFileSync('bench/results.json', `${JSON.stringify(result, null, 2)}\n`);
const rows = [
  [
    'one joint planned, without parts near it',
    `${engine.planMs.toFixed(2)} ms`,
    `${(engine.planMs / engine.plainLoopMs).toFixed(2)} x the plain loop`,
  ],
  [
    'one joint planned, one wrapped part near it',
    `${engine.planWithPartMs.toFixed(1)} ms`,
    `${(engine.planWithPartMs / engine.plainLoopMs).toFixed(2)} x`,
  ],
  [
    'heat reach, 120 s, 600 mm',
    `${engine.reach120s600mmMs.toFixed(1)} ms`,
    `${(engine.reach120s600mmMs / engine.plainLoopMs).toFixed(2)} x`,
  ],
  ['the order of 12 joints, found', `${engine.order12Ms.toFixed(0)} ms`, 'target under 1000 ms'],
  ['the order of 30 joints, found', `${engine.order30Ms.toFixed(0)} ms`, 'target under 5000 ms'],
  ['the plain typed-array loop itself', `${engine.plainLoopMs.toFixed(1)} ms`, '1'],
  ['one joint planned in the browser at 4x slowdown', `${planThrottledMs.joint.toFixed(2)} ms`, 'target under 4 ms'],
  ['the same with three wrapped parts near it', `${planThrottledMs.withThree.toFixed(1)} ms`, 'target under 8 ms'],
  ...[
    ['planner drawing, time slider moved each frame', frames.slider],
    ['planner drawing, wrapped valve dragged and planned anew each frame', frames.drag],
    [`circuit of ${circuitFrames.parts} parts at 4x slowdown, a part dragged each frame`, circuitFrames.drag, circuitFrames.still],
  ].map(([what, { medianMs, p95Ms }, still = frames.still]) => [
    what,
    `${medianMs.toFixed(1)} ms a frame, 95 % under ${p95Ms.toFixed(1)} ms`,
    `${(medianMs / still.medianMs).toFixed(2)} x the page standing still`,
  ]),
  [
    `circuit of ${fullest.parts} parts drawn on a phone at 4x slowdown, from the tap`,
    `${fullest.drawnMs.toFixed(0)} ms`,
    'target under 1000 ms',
  ],
  [
    'script bytes to the first screen',
    `${(kestoBytes / 1000).toFixed(0)} kB`,
    `${(kestoBytes / shellBytes).toFixed(2)} x the bare shell (${(shellBytes / 1000).toFixed(0)} kB); target 1.2`,
  ],
  ...[
    ['first screen, 1.6 Mbit/s, 150 ms, 4x slower processor: it stands and can be typed in', slowKesto.coldMs[0], slowShell.coldMs[0], 3],
    ['its script has taken it over', slowKesto.coldMs[1], slowShell.coldMs[0], 3],
    ['the same again: it stands', slowKesto.warmMs[0], slowShell.warmMs[0], 1],
    ['its script has taken it over, again', slowKesto.warmMs[1], slowShell.warmMs[0], 1],
    ['signed in before: today’s jobs, as they were drawn last', slowKesto.signedInMs[0], slowShell.warmMs[0], 1],
    ['the script has drawn them anew', slowKesto.signedInMs[1], slowShell.warmMs[0], 1],
  ].map(([what, ms, shellMs, targetS]) => [
    what,
    `${(ms / 1000).toFixed(1)} s`,
    `${(ms / shellMs).toFixed(2)} x the bare shell (${(shellMs / 1000).toFixed(1)} s); target ${targetS} s`,
  ]),
];
// What `npm run bench:big` and `npm run mutants` found stands behind it, and stays.
const kept = /\n(## (?:At size|Planted faults)[^]*)$/.exec(readFileSync('docs/benchmarks.md', 'utf8'))?.[1] ?? '';
writeFileSync(
  'docs/benchmarks.md',
  `# Benchmarks\n\nMade by \`npm run bench\`. Machines are noisy: read the ratios, which stand within one run.\n\nMeasured ${result.measured}, version ${result.version}, on ${result.machine}.\n\n| what | this run | ratio |\n| --- | --- | --- |\n${rows.map((row) => `| ${row.join(' | ')} |`).join('\n')}\n\nFrom opening the application on a phone to a whole plan, by a scripted hand (target: 12 taps, 20 s):\n\n| joint | taps | seconds |\n| --- | --- | --- |\n${tapRows}\n\n${kept}`,
);
runOrStop('npx prettier --write --log-level warn bench/results.json docs/benchmarks.md');
step('bench/results.json and docs/benchmarks.md are written');
process.exit(0);
