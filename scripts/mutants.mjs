// Plants faults in core, or in the folders of it that are named, and tells how many the tests notice: npm run mutants -- fit purge
import { existsSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { installNodePackages } from './lib/build.mjs';
import { stop } from './lib/report.mjs';
import { runOrStop } from './lib/run.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const SPARED = ['testing', 'golden'];
const folders = readdirSync('core/src', { withFileTypes: true }).filter((entry) => entry.isDirectory() && !SPARED.includes(entry.name));
const asked = process.argv.slice(2);
const unknown = asked.find((name) => !existsSync(`core/src/${name}`));
if (unknown) stop(`core has no folder ${unknown}`, `name some of: ${folders.map((folder) => folder.name).join(', ')}`);
installNodePackages();
const globs = (asked.length > 0 ? asked : folders.map((folder) => folder.name)).map((name) => `core/src/${name}/*.ts`);
runOrStop(`npx stryker run --mutate '${[...globs, '!core/src/**/*.test.ts', '!core/src/**/index.ts'].join(',')}'`);
