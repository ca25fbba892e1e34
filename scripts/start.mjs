// Sets up, starts the private database, and serves Kesto until Ctrl-C.
import { spawn, spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { newestSource } from './lib/newest.mjs';
import { step, stop } from './lib/report.mjs';

const run = (command, cwd = '.') => {
  if (spawnSync('sh', ['-c', command], { cwd, stdio: 'inherit', env: { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' } }).status !== 0) stop(`${command} failed`, 'read what it said above');
};
if (!existsSync('node_modules')) (step('installing packages'), run('npm ci'));
mkdirSync('client/public/fonts', { recursive: true });
for (const [font, name] of [['next', 'words'], ['mono', 'readings']]) cpSync(`node_modules/@fontsource-variable/atkinson-hyperlegible-${font}/files/atkinson-hyperlegible-${font}-latin-wght-normal.woff2`, `client/public/fonts/${name}.woff2`);
const built = 'client/dist/index.html';
const sources = ['core/src', 'contract/src', 'client/src', 'client/app'];
if (!existsSync(built) || statSync(built).mtimeMs < newestSource('.', sources)) (step('building the client, about two minutes'), run('npx expo export -p web', 'client'));
const { buildBundle } = await import('./lib/bundle.mjs');
await buildBundle(path.resolve('.'), 'server/src/main.ts', 'server/dist/main.mjs');
const { startCluster, stopCluster, ensureDatabase, DATABASE } = await import('./lib/postgres.mjs');
const cluster = await startCluster(path.resolve('var/pg'));
await ensureDatabase(cluster, DATABASE);
const server = spawn(process.execPath, ['server/dist/main.mjs'], { stdio: ['ignore', 'inherit', 'inherit', 'ipc'], env: { ...process.env, DATABASE_URL: cluster.url(DATABASE), KESTO_CLIENT: 'client/dist' } });
server.on('message', () => step('ready on http://127.0.0.1:8080 - demo sign-ins: ilta, oskar, maren, bo, password copper-before-filler'));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill('SIGTERM'));
server.on('exit', (code) => (stopCluster(cluster), process.exit(code ?? 0)));
