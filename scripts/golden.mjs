// Takes today's answers, drawings, isolations, reaches of heat, sections of the engine and sentences up as the golden ones; changed answers only under a new ENGINE_VERSION.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { installNodePackages } from './lib/build.mjs';
import { step, stop } from './lib/report.mjs';

const FILE = 'core/src/golden/answers.json';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
const { bundle } = await import('./lib/bundle.mjs');
await bundle(path.resolve('.'), 'core/src/golden/index.ts', 'core/dist/golden.mjs');
const { goldenAnswers, goldenDrawings, goldenIsolations, goldenReaches, goldenSections } = await import(
  pathToFileURL(path.resolve('core/dist/golden.mjs')).href
);

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

takeUp('core/src/golden/drawings.json', goldenDrawings(), 'drawings');
takeUp('core/src/golden/isolations.json', goldenIsolations(), 'isolations');
takeUp('core/src/golden/reaches.json', goldenReaches(), 'reaches of heat');
takeUp('core/src/golden/sections.json', goldenSections(), 'sections');

await bundle(path.resolve('.'), 'contract/src/golden/index.ts', 'core/dist/goldenSentences.mjs');
const { goldenSentences } = await import(pathToFileURL(path.resolve('core/dist/goldenSentences.mjs')).href);
takeUp('contract/src/golden/sentences.json', goldenSentences(), 'groups of sentences');

/** Takes up what follows no version: the change itself is what is reviewed. */
function takeUp(file, now, what) {
  const before = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {};
  const names = Object.keys(now).filter((name) => JSON.stringify(now[name]) !== JSON.stringify(before[name]));
  writeFileSync(file, `${JSON.stringify(now, null, 2)}\n`);
  step(`${names.length} changed ${what} are taken up in ${file}${names.length > 0 ? `: look at them (${names.join(', ')})` : ''}`);
}
