// Takes today's answers and drawings of the engine up as the golden ones; changed answers only under a new ENGINE_VERSION.
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { installNodePackages } from './lib/build.mjs';
import { step, stop } from './lib/report.mjs';

const FILE = 'core/src/golden/answers.json';
const DRAWINGS = 'core/src/golden/drawings.json';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
const { bundle } = await import('./lib/bundle.mjs');
await bundle(path.resolve('.'), 'core/src/golden/index.ts', 'core/dist/golden.mjs');
const { goldenAnswers, goldenDrawings } = await import(pathToFileURL(path.resolve('core/dist/golden.mjs')).href);

const kept = JSON.parse(readFileSync(FILE, 'utf8'));
const today = goldenAnswers();
const changed = today.answers.filter((line, i) => line !== kept.answers[i]);
if (changed.length > 0 && kept.engineVersion === today.engineVersion) {
  stop(
    `${changed.length} answers have changed under version ${kept.engineVersion}`,
    'raise ENGINE_VERSION in core/src/plan/version.ts first',
  );
}
writeFileSync(FILE, `${JSON.stringify(today, null, 2)}\n`);
step(`${changed.length} changed answers of engine ${today.engineVersion} are taken up in ${FILE}`);

const before = JSON.parse(readFileSync(DRAWINGS, 'utf8'));
const drawn = goldenDrawings();
const redrawn = Object.keys(drawn).filter((name) => JSON.stringify(drawn[name]) !== JSON.stringify(before[name]));
writeFileSync(DRAWINGS, `${JSON.stringify(drawn, null, 2)}\n`);
step(`${redrawn.length} changed drawings are taken up in ${DRAWINGS}: look at them${redrawn.length > 0 ? ` (${redrawn.join(', ')})` : ''}`);
