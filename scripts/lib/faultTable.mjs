// Keeps what each folder's planted faults came to, and writes the table of docs/benchmarks.md from it.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const KEPT = 'bench/faults.json';
const PAGE = 'docs/benchmarks.md';
const HEADING = '## Planted faults';
/** Where what is not a folder of core stands. */
const PLACES = { wording: 'contract/src/wording', stages: 'server/src/features/stages' };
const percent = ({ planted, noticed }) => `${((100 * noticed) / planted).toFixed(1)} %`;

/** Takes one folder's count up, by its day, and writes the page anew. */
export function takeUpFaults(folder, { planted, noticed }, folders) {
  const kept = existsSync(KEPT) ? JSON.parse(readFileSync(KEPT, 'utf8')) : {};
  const now = { ...kept, [folder]: { planted, noticed, measured: new Date().toISOString().slice(0, 10) } };
  const sorted = Object.fromEntries(Object.entries(now).sort(([a], [b]) => a.localeCompare(b)));
  writeFileSync(KEPT, `${JSON.stringify(sorted, null, 2)}\n`);
  const [before] = readFileSync(PAGE, 'utf8').split(HEADING);
  writeFileSync(PAGE, `${before}${HEADING}\n\n${faultSection(sorted, folders)}`);
}

/** The page's words and table, the whole of core last; folders that were never measured are named. */
export function faultSection(counts, folders) {
  const rows = Object.entries(counts);
  const all = rows.reduce((sum, [, row]) => ({ planted: sum.planted + row.planted, noticed: sum.noticed + row.noticed }), {
    planted: 0,
    noticed: 0,
  });
  const missing = folders.filter((name) => !(name in counts));
  const lines = rows.map(
    ([folder, row]) => `| \`${PLACES[folder] ?? `core/src/${folder}`}\` | ${percent(row)} | ${row.planted} | ${row.measured} |`,
  );
  return [
    'Made by `npm run mutants`: faults planted in the engine one at a time, and how many of them a test of the engine, the contract or the command notices.',
    'Faults that are read when a module loads (rows of tables) are left out: tables are pinned by tests against their sources. Of other folders than the',
    'fault’s own only tests under 120 ms are asked, and the golden answers: the figures are the least that is noticed.',
    '',
    '| folder | noticed | of faults | measured |',
    '| --- | --- | --- | --- |',
    ...lines,
    `| all of these | ${percent(all)} | ${all.planted} | |`,
    '',
    ...(missing.length > 0 ? [`Not measured yet: ${missing.map((name) => `\`${name}\``).join(', ')}.`, ''] : []),
  ].join('\n');
}
