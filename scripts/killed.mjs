// 300 entries and 20 photos made without a signal while the page is killed at random; then sent while the server is killed. Every one that the
// page said was kept arrives once, in its order, and the job's chains hold. A quarter of an hour: by hand, not in `npm test`.
// npm run killed [-- --entries 300 --photos 20 --seed 1]
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { LAUNCH } from './lib/browser.mjs';
import { startApplication } from './lib/application.mjs';
import { buildClient, buildCommandLine, buildServer, installNodePackages } from './lib/build.mjs';
import { freePort } from './lib/freePort.mjs';
import { madeOffline } from './lib/madeOffline.mjs';
import { step } from './lib/report.mjs';
import { runOrStop } from './lib/run.mjs';
import way from './lib/way.cjs';

const DATA = path.resolve('var/killed-data');
/** A job takes two hundred comments at most: they are said of two. */
const JOBS = ['0193a000-0000-7000-8000-000000000047', '0193a000-0000-7000-8000-000000000043'];
const SERVER_KILLS = 3;

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const number = (usual) => ({ type: 'string', default: String(usual) });
const { values } = parseArgs({ options: { entries: number(300), photos: number(20), seed: number(1) } });
const [entries, photos, seed] = [values.entries, values.photos, values.seed].map(Number);
installNodePackages();
await buildClient();
await buildServer();
await buildCommandLine();
const { chromium } = await import('@playwright/test');

rmSync(DATA, { recursive: true, force: true });
const place = { dataDir: DATA, port: await freePort() };
let app = await startApplication({ ...place, fresh: true });
const line = await way.wayTo(app.url);
const browser = await chromium.launch(LAUNCH);
const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, baseURL: line.url });
const made = await madeOffline({ context, line, jobs: JOBS, entries, photos, seed });
step(`${made.safe.length} entries were said to be kept, ${made.unsure.length} cut off by one of ${made.kills} kills; sent now`);

line.mend();
for (let kill = 0; kill < SERVER_KILLS; kill++) {
  await made.page.waitForTimeout(1500 + 900 * kill);
  app.kill('SIGKILL');
  await app.ended;
  app = await startApplication(place);
}
await made.allStored();
step(`all stored, the server killed ${SERVER_KILLS} times meanwhile`);

const get = (address) => made.page.request.get(`${line.url}${address}`);
const views = await Promise.all(JOBS.map(async (id) => (await get(`/api/jobs/${id}`)).json()));
const toldOf = ({ stages }) => stages.entries.filter(({ content }) => ['commented', 'hot-work'].includes(content.said.kind));
const told = views.flatMap(toldOf);
const wordsOf = ({ content, beside }) => JSON.stringify([content.said, beside]).match(/entry-\d{4}/)?.[0] ?? null;
const arrived = told.flatMap((entry) => wordsOf(entry) ?? []);
const problems = [];
for (const words of made.safe) {
  const times = arrived.filter((other) => other === words).length;
  if (times !== 1) problems.push(`${words} arrived ${times} times`);
}
for (const words of made.unsure)
  if (arrived.filter((other) => other === words).length > 1) problems.push(`${words}, cut off by a kill, arrived twice`);
for (const view of views) {
  const inOrder = toldOf(view).flatMap((entry) => wordsOf(entry) ?? []);
  if (inOrder.some((words, i) => i > 0 && words < inOrder[i - 1]))
    problems.push(`job ${view.number}: another order than they were made in`);
}
const pictures = new Set(told.flatMap(({ content }) => content.said.photos ?? []));
if (pictures.size < made.pictures) problems.push(`${made.pictures} photos were kept, ${pictures.size} arrived`);
for (const id of JOBS) {
  const file = path.join(DATA, `${id}.zip`);
  writeFileSync(file, await (await get(`/api/jobs/${id}/record.zip`)).body());
  runOrStop(`node cli/dist/bin.mjs verify < ${file} > ${file}.json`);
  const verified = JSON.parse(readFileSync(`${file}.json`, 'utf8'));
  if (verified.intact !== true) problems.push(`the file of job ${id} does not hold: ${JSON.stringify(verified).slice(0, 400)}`);
}

await browser.close();
await line.close();
await app.stop();
rmSync(DATA, { recursive: true, force: true });
for (const problem of problems) step(problem);
step(
  `${arrived.length} arrived, ${pictures.size} photos, the page killed ${made.kills} times, the server ${SERVER_KILLS}: ${problems.length} problems`,
);
process.exit(problems.length === 0 ? 0 : 1);
