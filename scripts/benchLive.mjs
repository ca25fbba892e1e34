// Twenty instruments at ten samples a second while people work: every sample stored once, and what the rest of the server costs meanwhile.
// By hand, not in `npm test`: npm run bench:live [-- --minutes 10]
import { randomUUID as uuid } from 'node:crypto';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { startApplication } from './lib/application.mjs';
import { buildClient, buildServer, installNodePackages } from './lib/build.mjs';
import { writeSection } from './lib/benchmarkPage.mjs';
import { freePort } from './lib/freePort.mjs';
import { instrumentAt } from './lib/liveInstrument.mjs';
import { step } from './lib/report.mjs';

const INSTRUMENTS = 20;
const A_SECOND = 10;
const HOLDS = 4;
const DATA = path.resolve('var/live-data');
const OPEN_JOB = '0193a000-0000-7000-8000-000000000043';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const { values } = parseArgs({ options: { minutes: { type: 'string', default: '10' } } });
const minutes = Number(values.minutes);
installNodePackages();
await buildClient();
await buildServer();
const { default: WebSocket } = await import('ws');

rmSync(DATA, { recursive: true, force: true });
const app = await startApplication({ dataDir: DATA, port: await freePort(), fresh: true });
const headers = { 'content-type': 'application/json', origin: app.url };
const signedIn = await fetch(`${app.url}/api/session`, {
  method: 'POST',
  headers,
  body: JSON.stringify({ login: 'ilta', password: 'copper-before-filler' }),
});
headers.cookie = String(signedIn.headers.get('set-cookie')).split(';')[0];
async function ask(method, address, body) {
  const answer = await fetch(`${app.url}${address}`, { method, headers, ...(body ? { body: JSON.stringify(body) } : {}) });
  if (!answer.ok) throw new Error(`${method} ${address} answered ${answer.status}: ${await answer.text()}`);
  return answer.json();
}
const { person, units } = await ask('GET', '/api/session');
headers['kesto-person'] = person.id;

const note = (kind, told, id = uuid()) =>
  ask('PUT', `/api/jobs/${OPEN_JOB}/stages/${id}`, { stage: 'hold', kind, values: told, deviceTime: new Date().toISOString(), photos: [] });
const q = (value, unit) => ({ value, unit });
const held = { parts: [], rig: true, volume: q(0.3, 'L'), pressure: q(10, 'barg'), gas: 'nitrogen', ambient: q(18, 'C') };
const by = { gauge: { name: 'digital gauge', resolution: q(1, 'kPa') }, temperatureUncertaintyK: 0.3, practice: 'data-plate' };
const holds = Array.from({ length: HOLDS }, () => uuid());
for (const hold of holds) {
  await note('hold-began', { ...held, ...by }, hold);
  await note('hold-step', { hold, pressure: q(10, 'barg') });
  await note('supply-shut', { hold });
}

/** What people do meanwhile: looking, and noting. */
const WORK = [
  () => ask('GET', '/api/today'),
  () => ask('GET', `/api/jobs/${OPEN_JOB}`),
  () => ask('GET', '/api/search/GH2'),
  // A write that leaves nothing longer than it was: what is asked stays the same all the while.
  () => ask('PUT', '/api/me/units', units),
];
const EVERY_MS = 250;
const later = (ms) => new Promise((done) => setTimeout(done, ms));
const quantile = (times, share) => times.toSorted((a, b) => a - b)[Math.floor(times.length * share)];

/** Somebody works for so long: what each request took [ms]. */
async function worked(ms) {
  const times = [];
  for (let i = 0, until = Date.now() + ms; Date.now() < until; i++) {
    const began = performance.now();
    await WORK[i % WORK.length]();
    times.push(performance.now() - began);
    await later(EVERY_MS);
  }
  return { p50: quantile(times, 0.5), p95: quantile(times, 0.95), count: times.length };
}

/** Pages that watch, two a hold. */
function watch(hold) {
  const page = new WebSocket(`${app.url.replace('http', 'ws')}/watch`, { headers: { cookie: headers.cookie, origin: app.url } });
  let told = 0;
  page.on('open', () => page.send(JSON.stringify({ watch: { of: 'hold', job: OPEN_JOB, id: hold }, person: headers['kesto-person'] })));
  page.on('message', (data) => (told += 'hold' in JSON.parse(String(data)) ? 1 : 0));
  return { told: () => told, close: () => page.terminate() };
}

step('what a quiet server costs');
await worked(5000);
const before = await worked(60_000);
const instruments = [];
for (let i = 0; i < INSTRUMENTS; i++) {
  const { code } = await ask('PUT', `/api/jobs/${OPEN_JOB}/pairings/${uuid()}`, { hold: holds[i % HOLDS] });
  instruments.push(await instrumentAt(WebSocket, app.url, { code, name: `P-${i + 1}`, aSecond: A_SECOND }));
}
const pages = holds.flatMap((hold) => [watch(hold), watch(hold)]);
step(`${INSTRUMENTS} instruments, ${A_SECOND} samples a second each, ${pages.length} pages that watch, ${minutes} min`);
await later(5000);
const busy = await worked(minutes * 60_000);
for (const one of instruments) one.rest();
for (let waited = 0; waited < 60 && instruments.some((one) => one.left() > 0); waited++) await later(500);
const sent = instruments.reduce((sum, one) => sum + one.sent(), 0);
const lives = await Promise.all(holds.map((hold) => ask('GET', `/api/jobs/${OPEN_JOB}/holds/${hold}/live`)));
const series = lives.flatMap((live) => live.series);
const stored = series.reduce((sum, { samples }) => sum + samples, 0);
const disagreements = series.reduce((sum, one) => sum + one.disagreements, 0);
const pictures = pages.reduce((sum, page) => sum + page.told(), 0);
[...pages, ...instruments].forEach((one) => one.close());
await later(3000);
step('and quiet again');
const after = await worked(60_000);
const quiet = { p50: (before.p50 + after.p50) / 2, p95: (before.p95 + after.p95) / 2 };
await app.stop();
rmSync(DATA, { recursive: true, force: true });

const ratio = busy.p95 / quiet.p95;
const one = (ms) => `${ms.toFixed(1)} ms`;
const words = [
  `Made by \`npm run bench:live\` on ${new Date().toISOString().slice(0, 10)}: ${INSTRUMENTS} instruments that send ${A_SECOND} samples a second each for ${minutes} min to ${HOLDS} holds of one job, ${pages.length} pages that watch them, all on one machine of two cores with the server, its database and whoever measures. Quiet: a minute before and a minute after.`,
  '',
  '| | quiet | with instruments | ratio |',
  '| --- | --- | --- | --- |',
  `| what people ask and note, median | ${one(quiet.p50)} | ${one(busy.p50)} | ${(busy.p50 / quiet.p50).toFixed(2)} x |`,
  `| at the 95th | ${one(quiet.p95)} | ${one(busy.p95)} | ${ratio.toFixed(2)} x |`,
  '',
  `Sent ${sent} samples, stored ${stored}, ${disagreements} disagreements; ${pictures} pictures told (${(pictures / pages.length / minutes / 60).toFixed(2)} a second and page).`,
].join('\n');
writeSection('Twenty instruments', words);
step(`${words.split('\n').at(-1)} p95 ${ratio.toFixed(2)} x`);
process.exit(stored === sent && disagreements === 0 ? 0 : 1);
