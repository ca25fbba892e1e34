// Writes everything a shop has into one file: PostgreSQL's own dump with the photos in it, and what it holds by count.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { writeArchive } from './lib/archive.mjs';
import { backupOptions } from './lib/backupOptions.mjs';
import { buildServer, installNodePackages } from './lib/build.mjs';
import { inspectDatabase } from './lib/inspect.mjs';
import { pgEnvironment } from './lib/pgEnvironment.mjs';
import { postgresBinaries } from './lib/postgres.mjs';
import { atEnd, cleanUp, step, stop } from './lib/report.mjs';
import { readKeys } from './lib/shopKeys.mjs';
import { databaseOf, openSnapshot } from './lib/source.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const { file, dataDir, passphrase } = backupOptions('backup', 'var');
if (existsSync(file)) stop(`${file} is there already: a backup is never written over another`, 'name a new file');
installNodePackages();
await buildServer();

const url = await databaseOf(dataDir);
const folder = mkdtempSync(path.join(tmpdir(), 'kesto-backup-'));
atEnd(() => rmSync(folder, { recursive: true, force: true }));
try {
  const snapshot = await openSnapshot(url);
  step('dumping the database');
  const dump = path.join(folder, 'database.dump');
  execFileSync(
    path.join(postgresBinaries(), 'pg_dump'),
    ['-Fc', '--no-owner', '--no-privileges', `--snapshot=${snapshot.name}`, '--exclude-table-data=session', '-f', dump],
    {
      env: pgEnvironment(url),
    },
  );
  step('counting and checking what is in it');
  const found = await inspectDatabase(url, { snapshot: snapshot.name });
  await snapshot.end();
  const manifest = { format: 'kesto-backup', version: 1, madeAt: new Date().toISOString(), ...found };
  const keys = passphrase ? readKeys(dataDir) : [];
  await writeArchive(file, { manifest, dumpFile: dump, keys }, passphrase);
  // Of a database elsewhere the folder may not be there yet: health reads it from the server's own.
  mkdirSync(dataDir, { recursive: true });
  writeFileSync(path.join(dataDir, 'last-backup.json'), JSON.stringify({ at: manifest.madeAt, bytes: statSync(file).size }));
  const size = (statSync(file).size / 1e6).toFixed(1);
  step(
    `${file}: ${size} MB${passphrase ? ', encrypted' : ''}, ${found.chains} chains with ${found.entries} entries, ${found.broken.length} broken`,
  );
  step(
    passphrase
      ? `${keys.length} ${keys.length === 1 ? 'key' : 'keys'} of shops in it`
      : 'the shops’ keys are not in it: it is not encrypted. Records restored from it are signed by a new key, and say so',
  );
  if (found.broken.length > 0) console.log(found.broken.map(({ chain, why }) => `  ${chain}: ${why}`).join('\n'));
} finally {
  cleanUp();
}
