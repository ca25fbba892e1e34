// Checks every chain of a database from its first link, also while the application runs on it: npm run verify-all [-- --data DIR]
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { buildServer, installNodePackages } from './lib/build.mjs';
import { inspectDatabase } from './lib/inspect.mjs';
import { dataFolder } from './lib/options.mjs';
import { cleanUp, step, stop } from './lib/report.mjs';
import { databaseOf, openSnapshot } from './lib/source.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));

function asked() {
  try {
    return parseArgs({ options: { data: { type: 'string' } } }).values;
  } catch (error) {
    return stop(error.message, 'npm run verify-all -- [--data DIR]');
  }
}

const dataDir = dataFolder(asked().data ?? 'var');
installNodePackages();
await buildServer();
let isWhole = false;
try {
  const url = await databaseOf(dataDir);
  const snapshot = await openSnapshot(url);
  step('checking every chain');
  const found = await inspectDatabase(url, { snapshot: snapshot.name, onProgress: (checked, all) => step(`${checked} of ${all} chains`) });
  await snapshot.end();
  for (const { chain, why } of found.broken) console.log(`  ${chain}: ${why}`);
  step(`${found.chains} chains with ${found.entries} entries checked, ${found.broken.length} broken`);
  isWhole = found.broken.length === 0;
} finally {
  cleanUp();
}
process.exitCode = isWhole ? 0 : 1;
