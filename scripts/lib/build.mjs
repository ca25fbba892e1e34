// Brings packages, client and bundles up to date; what has not changed is left alone.
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { askAhead } from './firstScreen.mjs';
import { step } from './report.mjs';
import { runOrStop } from './run.mjs';
import { isCurrent, keepStamp, stampOf } from './stamp.mjs';

const FONTS = { next: 'words', mono: 'readings' };
const COMPRESSED = /\.(js|css|svg|json|html)$/;

export function installNodePackages() {
  const stamp = stampOf(['package-lock.json']);
  const kept = 'node_modules/.kesto-lock';
  if (isCurrent(kept, stamp)) return;
  step('installing the npm packages (about three minutes)');
  runOrStop('npm ci --no-audit --no-fund');
  keepStamp(kept, stamp);
}

export function copyFonts() {
  mkdirSync('client/public/fonts', { recursive: true });
  for (const [font, name] of Object.entries(FONTS)) {
    const source = `node_modules/@fontsource-variable/atkinson-hyperlegible-${font}/files/atkinson-hyperlegible-${font}-latin-wght-normal.woff2`;
    cpSync(source, `client/public/fonts/${name}.woff2`);
  }
}

const ICON_SIDES_PX = [192, 512];

/** The icons of an installed application, from the drawn one. */
async function drawIcons() {
  const { default: sharp } = await import('sharp');
  mkdirSync('client/public/icons', { recursive: true });
  for (const side of ICON_SIDES_PX)
    await sharp('client/public/icon.svg', { density: 600 }).resize(side, side).png().toFile(`client/public/icons/${side}.png`);
}

const MOST_KEPT_BYTES = 8_000_000;

/** The worker that keeps the whole application on a device, by hash: an older release stays until its pages are closed or it is asked to go. */
async function writeWorker(folder) {
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: folder,
    globPatterns: ['**/*.{js,css,html,svg,woff2,png,webmanifest}'],
    swDest: path.join(folder, 'sw.js'),
    mode: 'production',
    sourcemap: false,
    inlineWorkboxRuntime: true,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/metrics/],
    dontCacheBustURLsMatching: /[.-][0-9a-f]{32}\./,
    maximumFileSizeToCacheInBytes: MOST_KEPT_BYTES,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: false,
  });
  for (const warning of warnings) step(warning);
}

/** Makes brotli and gzip copies once, so that the server never compresses the same file twice. */
export async function compress(folder) {
  const files = readdirSync(folder, { recursive: true }).filter((name) => COMPRESSED.test(name));
  await Promise.all(
    files.map(async (name) => {
      const file = path.join(folder, name);
      const content = readFileSync(file);
      const [br, gz] = await Promise.all([
        promisify(brotliCompress)(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
        promisify(gzip)(content, { level: 9 }),
      ]);
      writeFileSync(`${file}.br`, br);
      writeFileSync(`${file}.gz`, gz);
    }),
  );
}

export async function buildClient() {
  const stamp = stampOf([
    'package-lock.json',
    'core/src',
    'contract/src',
    'client',
    'scripts/lib/build.mjs',
    'scripts/lib/checkPage.mjs',
    'scripts/lib/earlyPage.mjs',
    'scripts/lib/firstScreen.mjs',
  ]);
  const kept = 'client/dist/.built-from';
  if (isCurrent(kept, stamp)) return;
  step('building the client (one to three minutes the first time)');
  copyFonts();
  await drawIcons();
  rmSync('client/dist.next', { recursive: true, force: true });
  runOrStop('npx expo export -p web --output-dir dist.next', { cwd: 'client' });
  // What bundles is not there before the packages are.
  const { makeCheckPage } = await import('./checkPage.mjs');
  await makeCheckPage(path.resolve('.'), 'client/dist.next/check.html');
  askAhead('client/dist.next');
  const { addEarlyPage } = await import('./earlyPage.mjs');
  await addEarlyPage(path.resolve('.'), 'client/dist.next');
  step('what the device keeps of it');
  await writeWorker('client/dist.next');
  step('compressing the client');
  await compress('client/dist.next');
  rmSync('client/dist', { recursive: true, force: true });
  renameSync('client/dist.next', 'client/dist');
  keepStamp(kept, stamp);
}

async function buildBundle(entry, outfile, sources) {
  const stamp = stampOf(['package-lock.json', ...sources]);
  const kept = `${outfile}.built-from`;
  if (existsSync(outfile) && isCurrent(kept, stamp)) return;
  const { bundle } = await import('./bundle.mjs');
  await bundle(path.resolve('.'), entry, outfile);
  keepStamp(kept, stamp);
}

/** Letters for paper, in files that a PDF can take parts of. */
function copyPrintFonts() {
  mkdirSync('server/dist/fonts', { recursive: true });
  for (const family of ['atkinson-hyperlegible-next', 'atkinson-hyperlegible-mono', 'noto-sans']) {
    const folder = `node_modules/@fontsource/${family}/files`;
    const files = readdirSync(folder).filter((name) => /-(400|700)-normal\.woff$/.test(name));
    for (const name of files) cpSync(path.join(folder, name), path.join('server/dist/fonts', name));
  }
}

const SERVER_SOURCES = ['core/src', 'contract/src', 'server/src'];

export async function buildServer() {
  copyPrintFonts();
  await buildBundle('server/src/main.ts', 'server/dist/main.mjs', SERVER_SOURCES);
  await buildBundle('server/src/features/photos/photoWorker.ts', 'server/dist/photoWorker.mjs', SERVER_SOURCES);
  await buildBundle('server/src/features/instruments/analyst/analystWorker.ts', 'server/dist/analystWorker.mjs', SERVER_SOURCES);
  await buildInstruments();
  await buildBundle('server/src/tools/inspectDatabase.ts', 'server/dist/inspectDatabase.mjs', SERVER_SOURCES);
}
export async function buildInstruments() {
  await buildBundle('instruments/src/main.ts', 'instruments/dist/main.mjs', ['instruments/src']);
  await buildBundle('instruments/src/standIn.ts', 'instruments/dist/standIn.mjs', ['instruments/src']);
}
export const buildCommandLine = () => buildBundle('cli/src/bin.ts', 'cli/dist/bin.mjs', ['core/src', 'contract/src', 'cli/src']);
