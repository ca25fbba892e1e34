// Plants faults in core, in the sentences and in the services of stages, or in the folders that are named, and tells how many the tests notice: npm run mutants -- fit purge
// Tests run in one process; with --by-jest each fault is run by Jest, ten times slower.
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { installNodePackages } from './lib/build.mjs';
import { countFaults, nameOf } from './lib/faults.mjs';
import { takeUpFaults } from './lib/faultTable.mjs';
import { step, stop } from './lib/report.mjs';
import { runOrStop } from './lib/run.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const SPARED = ['testing', 'golden'];
const REPORT = 'var/mutants/report.json';
/** Outside core: every sentence that is made from ids and figures. */
const WORDING = { name: 'wording', files: 'contract/src/wording/en/*.ts' };
/** In the server: what a stage's entries are checked by. Asked of a store in memory, always by Jest. */
const STAGES = {
  name: 'stages',
  files: 'server/src/features/stages/*.ts,!**/*.repository*.ts,!**/*.sql.ts,!**/*.routes.ts',
};
const OUTSIDE = [WORDING, STAGES];
const coreFolders = readdirSync('core/src', { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !SPARED.includes(entry.name))
  .map((entry) => entry.name);
const folders = [...coreFolders, ...OUTSIDE.map(({ name }) => name)];
const byJest = process.argv.includes('--by-jest');
const asked = process.argv.slice(2).filter((word) => word !== '--by-jest');
const unknown = asked.find((name) => !folders.includes(name));
if (unknown) stop(`core has no folder ${unknown}`, `name some of: ${folders.join(', ')}`);
installNodePackages();

/** How many faults were planted in a folder, and which of them no test noticed. */
function faultsIn(folder) {
  const files = OUTSIDE.find(({ name }) => name === folder)?.files ?? `core/src/${folder}/*.ts`;
  const by = folder === STAGES.name ? 'jest-server' : byJest ? 'jest' : 'in-process';
  runOrStop(`npx stryker run --mutate '${files},!**/*.test.ts,!**/index.ts'`, {
    env: { KESTO_MUTANTS_BY: by },
  });
  const { planted, alive } = countFaults(JSON.parse(readFileSync(REPORT, 'utf8')).files);
  if (planted === 0) stop(`no fault was planted in ${folder}`, `see that its files are there: ${files}`);
  return { planted, alive: alive.map(nameOf) };
}

for (const folder of asked.length > 0 ? asked : folders) {
  const { planted, alive } = faultsIn(folder);
  for (const fault of alive) console.log(`alive: ${fault}`);
  if (!byJest) takeUpFaults(folder, { planted, noticed: planted - alive.length }, folders);
  step(`${folder}: ${planted - alive.length} of ${planted} faults noticed (${((100 * (planted - alive.length)) / planted).toFixed(1)} %)`);
}
if (!byJest) runOrStop('npx prettier --write --log-level warn bench/faults.json docs/benchmarks.md');
