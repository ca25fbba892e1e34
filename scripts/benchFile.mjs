// A job of twelve joints, eighty photos each, and a night at four instruments: how long its report and its file take, and what verifying that file
// costs. By hand, not in `npm test`: npm run bench:file [-- --photos 80]
import { spawn } from 'node:child_process';
import { createHash, randomBytes, randomUUID as uuid } from 'node:crypto';
import { createWriteStream, openSync, readFileSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import sharp from 'sharp';
import { startApplication } from './lib/application.mjs';
import { writeSection } from './lib/benchmarkPage.mjs';
import { buildClient, buildCommandLine, buildServer, installNodePackages } from './lib/build.mjs';
import { freePort } from './lib/freePort.mjs';
import { step, stop } from './lib/report.mjs';

const JOINTS = 12;
const INSTRUMENTS = 4;
/** A night, a sample a second. */
const NIGHT_S = 8 * 3600;
const MOST = { reportMs: 3000, fileMs: 60_000, mib: 200 };
const DATA = path.resolve('var/file-data');
const FILE = path.resolve('var/job-file.zip');
const SITE = '0193a000-0000-7000-8000-000000000002';
const AN_ENTRY = 20;
const A_PIECE = 5000;

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const { values } = parseArgs({ options: { photos: { type: 'string', default: '80' } } });
const photosEach = Number(values.photos);
installNodePackages();
await buildClient();
await buildServer();
await buildCommandLine();

rmSync(DATA, { recursive: true, force: true });
const app = await startApplication({ dataDir: DATA, port: await freePort(), fresh: true });
const headers = { 'content-type': 'application/json', origin: app.url };
async function ask(method, address, body, type) {
  const sent = body === undefined ? {} : { body: type ? body : JSON.stringify(body) };
  const answer = await fetch(`${app.url}${address}`, {
    method,
    headers: { ...headers, ...(type ? { 'content-type': type } : {}) },
    ...sent,
  });
  if (!answer.ok) throw new Error(`${method} ${address} answered ${answer.status}: ${await answer.text()}`);
  return answer;
}
const signedIn = await ask('POST', '/api/session', { login: 'ilta', password: 'copper-before-filler' });
headers.cookie = String(signedIn.headers.get('set-cookie')).split(';')[0];
headers['kesto-person'] = (await (await ask('GET', '/api/session')).json()).person.id;
const q = (value, unit) => ({ value, unit });
const now = () => new Date().toISOString();

/** What a camera of a phone sends, as it is kept: noise, so that nothing is saved by packing. */
const photo = () =>
  sharp(randomBytes(480 * 360 * 3), { raw: { width: 480, height: 360, channels: 3 } }).jpeg({ quality: 60 }).toBuffer(); // prettier-ignore

const REQUEST = {
  joint: {
    male: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
    female: { metal: 'brass', form: 'component-stub', bore: q(22.33, 'mm'), cupDepth: q(19, 'mm'), wall: q(1.6, 'mm') },
  },
  service: { refrigerant: 'R-449A', side: 'suction', designPressure: q(19, 'barg'), minTemp: q(-10, 'C'), maxTemp: q(50, 'C') },
  stock: [{ designation: 'BAg-36' }],
  purge: { sections: [{ volume: q(0.3, 'L') }], outlet: { kind: 'open-tube' } },
};
const MADE = { filler: 'BAg-36', rodMm: 40, seconds: 30, purgeLpm: 2.4, floodSeconds: 120, depthMm: 18.8, protection: 'putty', note: '' };

async function madeJob() {
  const [unit, circuit, job] = [uuid(), uuid(), uuid()];
  const plate = { id: circuit, name: 'main', refrigerant: 'R-449A', highSide: q(28, 'barg'), lowSide: q(19, 'barg'), coldest: q(-10, 'C') };
  await ask('PUT', `/api/units/${unit}`, { siteId: SITE, tag: 'FB1', name: 'file bench', kind: 'cold-room', circuits: [plate] });
  await ask('PUT', `/api/jobs/${job}`, { circuitId: circuit, title: 'twelve joints' });
  return job;
}

async function madeJoint(job, number) {
  const joint = uuid();
  await ask('PUT', `/api/jobs/${job}/joints/${joint}`, { title: `suction line, joint ${number}` });
  await ask('PUT', `/api/joints/${joint}/plans/${uuid()}`, { request: REQUEST, chosen: 'BAg-36', engineVersion: '0' });
  for (let left = photosEach, first = true; first || left > 0; left -= AN_ENTRY, first = false) {
    const shas = [];
    for (let i = 0; i < Math.min(left, AN_ENTRY); i++) {
      const bytes = await photo();
      const sha256 = createHash('sha256').update(bytes).digest('hex');
      await ask('PUT', `/api/photos/${sha256}`, bytes, 'image/jpeg');
      shas.push(sha256);
    }
    const entry = first ? { kind: 'brazed', values: MADE } : { kind: 'cooled', values: { note: '' } };
    await ask('PUT', `/api/joints/${joint}/entries/${uuid()}`, { ...entry, photos: shas, deviceTime: now() });
  }
  const look = { kind: 'looked-at', values: { result: 'pass', findings: [], note: '', backSeen: true }, photos: [], deviceTime: now() };
  await ask('PUT', `/api/joints/${joint}/entries/${uuid()}`, look);
}

/** Held over night, each instrument's samples as a logger wrote them. */
async function heldOverNight(job) {
  const note = async (kind, told) => {
    const entry = uuid();
    await ask('PUT', `/api/jobs/${job}/stages/${entry}`, { stage: 'hold', kind, values: told, photos: [], deviceTime: now() });
    return entry;
  };
  const hold = await note('hold-began', {
    ...{ parts: [], rig: true, volume: q(2, 'L'), pressure: q(15, 'barg'), gas: 'nitrogen', ambient: q(18, 'C'), practice: 'data-plate' },
    ...{ gauge: { name: 'G-3', resolution: q(1, 'kPa') }, temperatureUncertaintyK: 0.3, plannedMinutes: 480 },
  });
  const began = Date.now();
  for (let i = 0; i < INSTRUMENTS; i++) {
    const log = uuid();
    const instrument = {
      ...{
        kind: 'pressure-temperature',
        name: `P-${i}`,
        log: { sha256: createHash('sha256').update(log).digest('hex'), headings: ['t', 'p', 'T'] },
      },
      columns: [{ quantity: 'gauge-pressure', step: 0.1 }, { quantity: 'pipe-temperature', step: 0.1 }], // prettier-ignore
    };
    const samples = Array.from({ length: NIGHT_S }, (_, n) => [n + 1, began + 1000 * (n + 1), 15_000 - (n % 7), 180 + (n % 3)]);
    for (let from = 0; from < samples.length; from += A_PIECE)
      await ask('PUT', `/api/jobs/${job}/holds/${hold}/logs/${log}`, { instrument, samples: samples.slice(from, from + A_PIECE) });
  }
}

const timed = async (work) => {
  const began = performance.now();
  const answer = await work();
  return { ms: performance.now() - began, answer };
};

/** The command that checks it, and the most memory that it took. */
function verified() {
  return new Promise((done, fail) => {
    const run = spawn(process.execPath, ['cli/dist/bin.mjs', 'verify'], { stdio: [openSync(FILE, 'r'), 'pipe', 'inherit'] });
    let peakKib = 0;
    run.stdout.resume();
    const watch = setInterval(() => {
      try {
        const [, peak = '0'] = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${run.pid}/status`, 'utf8')) ?? [];
        peakKib = Math.max(peakKib, Number(peak));
      } catch {
        // It has ended.
      }
    }, 20);
    run.on('error', fail);
    run.on('close', (code) => {
      clearInterval(watch);
      done({ code, mib: peakKib / 1024 });
    });
  });
}

const wrong = [];
try {
  const job = await madeJob();
  step(`${JOINTS} joints with ${photosEach} photos each`);
  for (let i = 1; i <= JOINTS; i++) await madeJoint(job, i);
  step(`a night at ${INSTRUMENTS} instruments, ${NIGHT_S} samples each`);
  await heldOverNight(job);
  const report = [];
  for (let i = 0; i < 5; i++) report.push((await timed(async () => (await ask('GET', `/api/jobs/${job}/report.pdf`)).arrayBuffer())).ms);
  const reportMs = report.sort((a, b) => a - b)[2];
  step(`its report: ${Math.round(reportMs)} ms (of five, the middle; the longest ${Math.round(report.at(-1))})`);
  const written = await timed(async () =>
    pipeline(Readable.fromWeb((await ask('GET', `/api/jobs/${job}/record.zip`)).body), createWriteStream(FILE)),
  );
  const mb = statSync(FILE).size / 1e6;
  step(`its file: ${mb.toFixed(0)} MB in ${(written.ms / 1000).toFixed(1)} s`);
  const check = await timed(verified);
  const { code, mib } = check.answer;
  step(`verified in ${(check.ms / 1000).toFixed(1)} s with ${mib.toFixed(0)} MiB: ended with ${code}`);
  wrong.push(
    ...(reportMs > MOST.reportMs ? [`the report took ${Math.round(reportMs)} ms`] : []),
    ...(written.ms + check.ms > MOST.fileMs ? ['writing and verifying took more than a minute'] : []),
    ...(mib > MOST.mib ? [`verifying took ${mib.toFixed(0)} MiB`] : []),
    ...(code === 0 ? [] : ['the file does not verify']),
  );
  writeSection(
    'A job’s report and file',
    `Made by \`npm run bench:file\` on ${now().slice(0, 10)}: ${JOINTS} joints, ${photosEach} photos each, a hold over night with ${INSTRUMENTS} instruments at a sample a second.

| | this run | at most |
| --- | --- | --- |
| the report as PDF | ${Math.round(reportMs)} ms | ${MOST.reportMs} ms |
| the file written (${mb.toFixed(0)} MB) and verified | ${((written.ms + check.ms) / 1000).toFixed(1)} s | ${MOST.fileMs / 1000} s |
| memory of whoever verifies it | ${mib.toFixed(0)} MiB | ${MOST.mib} MiB |`,
  );
} finally {
  await app.stop();
  rmSync(FILE, { force: true });
}
if (wrong.length > 0) stop(wrong.join('; '), 'see what of it grew');
