// The working loop: the server restarts when its sources change, the client reloads by itself; both on the demo under var/.
import { spawn } from 'node:child_process';
import { watch } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { startApplication } from './lib/application.mjs';
import { buildServer, copyFonts, installNodePackages } from './lib/build.mjs';
import { step } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
copyFonts();
await buildServer();

const API_PORT = 8081;
const start = () => startApplication({ dataDir: path.resolve('var'), port: API_PORT });
let app = await start();
let rebuilding = null;

async function restart() {
  await buildServer();
  await app.stop();
  app = await start();
  step('the server runs the new sources');
}

for (const folder of ['core/src', 'contract/src', 'server/src']) {
  watch(folder, { recursive: true }, () => {
    clearTimeout(rebuilding);
    rebuilding = setTimeout(() => void restart(), 200);
  });
}

step(`client on http://127.0.0.1:8082, its API on ${API_PORT}; Ctrl-C ends both`);
const expo = spawn('npx', ['expo', 'start', '--web', '--port', '8082'], {
  cwd: 'client',
  stdio: 'inherit',
  env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', BROWSER: 'none', KESTO_API: `http://127.0.0.1:${API_PORT}` },
});
expo.on('exit', () => void app.stop().then(() => process.exit(0)));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => expo.kill('SIGTERM'));
