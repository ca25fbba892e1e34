// Measures lists and searches of a shop with 1 000, 100 000 and a million joints, beside the same rows by raw SQL, and writes them to docs/benchmarks.md.
// Several minutes, and 3 GB of disk while it runs: by hand, not in `npm test`.
import { rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { LAUNCH } from './lib/browser.mjs';
import { startApplication } from './lib/application.mjs';
import { BIG_SHOP, seedBigShop } from './lib/bigShop.mjs';
import { buildClient, buildServer, installNodePackages } from './lib/build.mjs';
import { measureFoundFrames } from './lib/frames.mjs';
import { writeSection } from './lib/benchmarkPage.mjs';
import { freePort } from './lib/freePort.mjs';
import { DATABASE, dropDatabase, startCluster, stopCluster } from './lib/postgres.mjs';
import { step } from './lib/report.mjs';

const SIZES = [1000, 100_000, 1_000_000];
const TIMES = 25;
const DATA = path.resolve('var/big-data');

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
await buildClient();
await buildServer();
const { default: pg } = await import('pg');
const median = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)];

async function timed(work) {
  const times = [];
  for (let i = 0; i < TIMES; i++) {
    const began = performance.now();
    await work();
    times.push(performance.now() - began);
  }
  return median(times);
}

/** The server's own question for a page of joints. */
async function ownQuestion() {
  const { build } = await import('esbuild');
  const outfile = path.resolve('var/found.sql.mjs');
  const options = { bundle: true, platform: 'node', format: 'esm', target: 'node20', logLevel: 'error' };
  await build({ ...options, entryPoints: ['server/src/features/found/found.sql.ts'], outfile });
  return (await import(pathToFileURL(outfile).href)).pageSql;
}
const pageSql = await ownQuestion();
const PAGE = 51;

/** What is asked, the rows it shows as SQL by their keys, which nothing has to find, and what the server itself asks. */
const ASKED = [
  ['nothing but who is signed in', '/api/session', null],
  ['search by a whole tag', '/api/search/BG7-04', `select id, tag, title from joint where shop_id = $1 and tag = 'BG7-04'`],
  ['search by a word that every joint has', '/api/search/line', JOINTS_BY_ID()],
  ['search by two words that very many have', '/api/search/line%20valve', JOINTS_BY_ID()],
  ['search by a person', '/api/search/roa', JOINTS_BY_ID()],
  ['the newest joints, a page of fifty', '/api/found/all', FOUND(), {}],
  [
    'joints of one filler, sent to be reworked',
    '/api/found/filler%3DBAg-36%26state%3Drework',
    FOUND(),
    { filler: 'BAg-36', state: 'rework' },
  ],
  ['joints by the beginning of a lot', '/api/found/lot%3DL000', FOUND(), { lot: 'L000' }],
  ['today: thirty open jobs', '/api/today', null],
  ['a page of fifty machines', '/api/units/after/first', `select * from unit where shop_id = $1 order by place, id limit 51`],
  ['a page of fifty sites', '/api/sites/after/first', `select * from site where shop_id = $1 order by lower(name), id limit 51`],
];
/** A page of fifty with what is shown of them. */
function FOUND() {
  return `select joint.id, joint.tag, joint.title, unit.tag, unit.name, site.name, person.name, f.filler, f.lot, f.made_at, f.state
from joint_found f join joint on joint.shop_id = f.shop_id and joint.id = f.joint_id join unit on unit.shop_id = f.shop_id and unit.id = f.unit_id
join site on site.shop_id = unit.shop_id and site.id = unit.site_id left join person on person.shop_id = f.shop_id and person.id = f.maker_id
where f.shop_id = $1 and f.joint_id = any($2::uuid[])`;
}
function JOINTS_BY_ID() {
  return `select id, tag, title from joint where shop_id = $1 and id = any($2::uuid[])`;
}

/** In this shop the table of all joints is scrolled as well. */
const FRAMES_AT = 100_000;

/** How the table is drawn while it is scrolled, in the browser, without a graphics card. */
async function framesOf(url, cookie) {
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch(LAUNCH);
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  const [name, ...value] = cookie.split('=');
  await context.addCookies([{ name, value: value.join('='), url }]);
  const page = await context.newPage();
  await page.goto(`${url}/found`);
  await page.getByTestId('found-rows').waitFor();
  await page.waitForTimeout(1500);
  const frames = await measureFoundFrames(page);
  await browser.close();
  return frames;
}

async function measured(joints) {
  rmSync(DATA, { recursive: true, force: true });
  const app = await startApplication({ dataDir: DATA, port: await freePort(), fresh: true });
  const cluster = await startCluster(path.join(DATA, 'pg'));
  const url = cluster.url(DATABASE);
  const began = performance.now();
  const login = await seedBigShop(url, joints);
  step(`${joints} joints made in ${((performance.now() - began) / 1000).toFixed(0)} s`);
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const signedIn = await fetch(`${app.url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login, password: 'copper-before-filler' }),
  });
  const cookie = String(signedIn.headers.get('set-cookie')).split(';')[0];
  const rows = [];
  for (const [what, address, sql, own] of ASKED) {
    const get = async () => {
      const answer = await fetch(`${app.url}${address}`, { headers: { cookie } });
      if (!answer.ok) throw new Error(`${address} answered ${answer.status}`);
      return answer.json();
    };
    const found = await get();
    const ids = (found.joints ?? []).map(({ id }) => id);
    const rawMs = sql ? await timed(() => client.query(sql, sql.includes('$2') ? [BIG_SHOP, ids] : [BIG_SHOP])) : null;
    const question = own && pageSql(BIG_SHOP, own, { most: PAGE });
    const ownMs = question ? await timed(() => client.query(question.sql, question.parameters)) : null;
    rows.push({ what, ms: await timed(get), rawMs, ownMs });
  }
  await client.end();
  const frames = joints === FRAMES_AT ? await framesOf(app.url, cookie) : null;
  await app.stop();
  await dropDatabase(cluster, DATABASE).catch(() => undefined);
  stopCluster(cluster);
  return { joints, rows, frames };
}

const results = [];
for (const joints of SIZES) results.push(await measured(joints));
rmSync(DATA, { recursive: true, force: true });

const [small] = results;
const tens = (ms) => `${ms.toFixed(1)} ms`;
const lines = small.rows.map(({ what }, i) => {
  const each = results.map(({ rows }) => rows[i]);
  const { rawMs: raw, ownMs: own } = each.at(-1);
  const ofOwn = own === null ? '' : `${tens(own)}, ${(own / raw).toFixed(2)} x`;
  return `| ${[what, ...each.map(({ ms }) => tens(ms)), `${(each.at(-1).ms / each[0].ms).toFixed(2)} x`, raw === null ? '' : tens(raw), ofOwn].join(' | ')} |`;
});
const { frames } = results.find(({ joints }) => joints === FRAMES_AT);
const ms = ({ medianMs, p95Ms }) => `${medianMs.toFixed(1)} ms, at the 95th ${p95Ms.toFixed(1)} ms`;
const SCROLLED = `The table of ${FRAMES_AT.toLocaleString('en').replaceAll(',', ' ')} joints scrolled by a row a frame, in a browser without a graphics card: ${ms(frames.scrolled)} between frames (standing still ${ms(frames.still)}).`;
const sizes = SIZES.map((size) => `${size.toLocaleString('en').replaceAll(',', ' ')} joints`);
const words = `Made by \`npm run bench:big\` on ${new Date().toISOString().slice(0, 10)}: median of ${TIMES}, over HTTP by one signed-in person, with everything a request costs (the first row is that alone); raw SQL is the same rows of the largest shop by their keys, without a server; beside it what the server itself asks for a page, finding included, and how many times the raw it takes.`;
writeSection(
  'At size',
  `${words}\n\n| what is asked | ${sizes.join(' | ')} | largest to smallest | raw SQL | the server’s own question |\n| --- | --- | --- | --- | --- | --- | --- |\n${lines.join('\n')}\n\n${SCROLLED}`,
);
step('docs/benchmarks.md is written');
process.exit(0);
