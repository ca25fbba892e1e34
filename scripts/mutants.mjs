// Plants faults in core, or in the folders of it that are named, and tells how many the tests notice: npm run mutants -- fit purge
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { installNodePackages } from './lib/build.mjs';
import { countFaults, nameOf, rangeOf } from './lib/faults.mjs';
import { step, stop } from './lib/report.mjs';
import { runOrStop } from './lib/run.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const SPARED = ['testing', 'golden'];
const REPORT = 'var/mutants/report.json';
const folders = readdirSync('core/src', { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !SPARED.includes(entry.name))
  .map((entry) => entry.name);
const asked = process.argv.slice(2);
const unknown = asked.find((name) => !existsSync(`core/src/${name}`));
if (unknown) stop(`core has no folder ${unknown}`, `name some of: ${folders.join(', ')}`);
installNodePackages();

/** What became of the faults in these places, with the tests of the folders that are named; of all folders where none is. */
function plant(places, testsOf) {
  runOrStop(`npx stryker run --mutate '${places.join(',')}'`, { env: { KESTO_TESTS_OF: testsOf } });
  return JSON.parse(readFileSync(REPORT, 'utf8')).files;
}

/** The folder's own tests see most faults and are soon run; every test of core is asked about what is left. */
function faultsIn(folder) {
  const { planted, alive } = countFaults(plant([`core/src/${folder}/*.ts`, '!core/src/**/*.test.ts', '!core/src/**/index.ts'], folder));
  if (alive.length === 0) return { planted, alive: [] };
  const seenByNone = countFaults(plant([...new Set(alive.map(rangeOf))], '')).alive.map(nameOf);
  return { planted, alive: alive.map(nameOf).filter((fault) => seenByNone.includes(fault)) };
}

for (const folder of asked.length > 0 ? asked : folders) {
  const { planted, alive } = faultsIn(folder);
  for (const fault of alive) console.log(`alive: ${fault}`);
  step(`${folder}: ${planted - alive.length} of ${planted} faults noticed (${((100 * (planted - alive.length)) / planted).toFixed(1)} %)`);
}
