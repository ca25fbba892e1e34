// Writes everything a shop has into one file: PostgreSQL's own dump with the photos in it, and what it holds by count.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { writeArchive } from './lib/archive.mjs';
import { backupOptions } from './lib/backupOptions.mjs';
import { buildServer, installNodePackages } from './lib/build.mjs';
import { inspectDatabase } from './lib/inspect.mjs';
import { pgEnvironment } from './lib/pgEnvironment.mjs';
import { clusterOf, DATABASE, postgresBinaries, startCluster, stopCluster } from './lib/postgres.mjs';
import { step, stop } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const { file, dataDir, passphrase } = backupOptions('backup', 'var');
if (existsSync(file)) stop(`${file} is there already: a backup is never written over another`, 'name a new file');
installNodePackages();
await buildServer();

/** The private database by its superuser; another server by a role that row-level security does not bind. */
async function source() {
  const asked = process.env.KESTO_BACKUP_URL ?? process.env.DATABASE_URL;
  if (asked) return { url: asked, end: () => undefined };
  const folder = path.join(dataDir, 'pg');
  if (!clusterOf(folder)) stop(`there is no database in ${dataDir}`, 'say where it is: --data DIR, or DATABASE_URL');
  const cluster = await startCluster(folder);
  return { url: cluster.url(DATABASE), end: () => cluster.began && stopCluster(cluster) };
}

/** A dump by a role that sees one shop's rows, or none, would be no backup: it is not begun. */
async function openSnapshot(url) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client
    .connect()
    .catch((error) => stop(`the database cannot be reached: ${error.message}`, 'see that it runs and that the address is right'));
  const { rows } = await client.query('select rolsuper or rolbypassrls as sees from pg_roles where rolname = current_user');
  if (!rows[0].sees) {
    stop(
      'this role is bound by row-level security and would back up nothing',
      'set KESTO_BACKUP_URL to a role with BYPASSRLS: docs/RUNNING.md',
    );
  }
  await client.query('begin transaction isolation level repeatable read read only');
  const { rows: exported } = await client.query('select pg_export_snapshot() as name');
  return { name: exported[0].name, end: () => client.end() };
}

const { url, end } = await source();
const folder = mkdtempSync(path.join(tmpdir(), 'kesto-backup-'));
try {
  const snapshot = await openSnapshot(url);
  step('dumping the database');
  const dump = path.join(folder, 'database.dump');
  execFileSync(
    path.join(postgresBinaries(), 'pg_dump'),
    ['-Fc', '--no-owner', '--no-privileges', `--snapshot=${snapshot.name}`, '-f', dump],
    {
      env: pgEnvironment(url),
    },
  );
  await snapshot.end();
  step('counting and checking what is in it');
  const found = await inspectDatabase(url);
  const manifest = { format: 'kesto-backup', version: 1, madeAt: new Date().toISOString(), ...found };
  await writeArchive(file, manifest, dump, passphrase);
  writeFileSync(path.join(dataDir, 'last-backup.json'), JSON.stringify({ at: manifest.madeAt, bytes: statSync(file).size }));
  const size = (statSync(file).size / 1e6).toFixed(1);
  step(
    `${file}: ${size} MB${passphrase ? ', encrypted' : ''}, ${found.chains} chains with ${found.entries} entries, ${found.broken.length} broken`,
  );
  if (found.broken.length > 0) console.log(found.broken.map(({ chain, why }) => `  ${chain}: ${why}`).join('\n'));
} finally {
  rmSync(folder, { recursive: true, force: true });
  end();
}
