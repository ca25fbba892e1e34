// What the rises of drawn circuits are called, two hundred of each, as a table in docs/benchmarks.md: npm run bench:pulls
import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { installNodePackages } from './lib/build.mjs';
import { step, stop } from './lib/report.mjs';
import { writeSection } from './lib/benchmarkPage.mjs';

const VERDICTS = ['tight-and-dry', 'wet', 'leak', 'cannot-tell'];
/** At least so many of a hundred are told for what they are. */
const TOLD = { dry: ['tight-and-dry', 0.9], wet: ['wet', 0.95], leaking: ['leak', 0.95], 'leaking a little, watched long': ['leak', 0.95] };
/** Nothing in them is wrong: “tight and dry” is right. */
const SOUND = ['dry', 'dry, and cold', 'outgassing'];
/** Air comes in: “leak” is right. */
const LEAKS = ['leaking', 'leaking a little, watched long', 'mixed'];
const MOST_WRONG = 0.01;

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
const { bundle } = await import('./lib/bundle.mjs');
await bundle(path.resolve('.'), 'bench/src/pulls.ts', 'bench/dist/pulls.mjs');
const { seeds, called } = JSON.parse(execFileSync(process.execPath, ['bench/dist/pulls.mjs'], { encoding: 'utf8' }));
const share = (counts, verdict) => (counts[verdict] ?? 0) / seeds;
const percent = (part) => `${(100 * part).toFixed(1).replace('.0', '')} %`;
const table = [
  `| ${seeds} circuits each | ${VERDICTS.map((verdict) => verdict.replaceAll('-', ' ')).join(' | ')} |`,
  `| - | ${VERDICTS.map(() => '-').join(' | ')} |`,
  ...called.map(({ name, counts }) => `| ${name} | ${VERDICTS.map((verdict) => percent(share(counts, verdict))).join(' | ')} |`),
].join('\n');
console.log(table);
const wrong = called.flatMap(({ name, counts }) => [
  ...(name in TOLD && share(counts, TOLD[name][0]) < TOLD[name][1] ? [`${name} is told in ${percent(share(counts, TOLD[name][0]))}`] : []),
  ...(!SOUND.includes(name) && share(counts, 'tight-and-dry') > MOST_WRONG ? [`${name} is called tight and dry`] : []),
  ...(!LEAKS.includes(name) && share(counts, 'leak') > MOST_WRONG ? [`${name} is called a leak`] : []),
]);
const says =
  'Made by `npm run bench:pulls`: rises of circuits whose state is known, drawn by seed, a reading each ten seconds from a gauge that scatters by 0.3 to 1.5 %. Below -12 °C “cannot tell” is right until the circuit is warmed.';
writeSection('Pulls', `${says}\n\n${table}`);
step('docs/benchmarks.md is written');
if (wrong.length > 0) stop(wrong.join('; '), 'see what of the judgement changed');
