// Puts a backup into an empty folder, checks every chain, and says what is there against what the backup says it held.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { readArchive } from './lib/archive.mjs';
import { backupOptions } from './lib/backupOptions.mjs';
import { buildServer, installNodePackages } from './lib/build.mjs';
import { inspectDatabase } from './lib/inspect.mjs';
import { lockFolder } from './lib/lock.mjs';
import { DATABASE, ensureDatabase, startCluster, stopCluster } from './lib/postgres.mjs';
import { pgEnvironment } from './lib/pgEnvironment.mjs';
import { writeKeys } from './lib/shopKeys.mjs';
import { atEnd, cleanUp, step, stop } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const { file, dataDir, passphrase } = backupOptions('restore');
if (existsSync(dataDir) && readdirSync(dataDir).length > 0) {
  stop(`${dataDir} is not empty: a backup is never restored over anything`, 'name an empty folder, or one that is not there yet');
}
installNodePackages();
await buildServer();

function restoreDump(cluster, dump) {
  const options = ['--no-owner', '--no-privileges', '--exit-on-error', '-d', DATABASE, dump];
  const env = pgEnvironment(cluster.url(DATABASE));
  const { status, stderr } = spawnSync(path.join(cluster.bin, 'pg_restore'), options, { encoding: 'utf8', env });
  if (status !== 0)
    stop(`PostgreSQL could not take the backup: ${stderr}`, `${dataDir} holds what it had taken by then: remove it and try again`);
}

function report(manifest, found) {
  // Sign-ins are not backed up; backups of before counted them.
  const names = Object.keys({ ...manifest.counts, ...found.counts }).filter((name) => name !== 'session');
  console.log(`\n  ${'table'.padEnd(16)}${'in the backup'.padStart(14)}${'restored'.padStart(12)}`);
  for (const name of names)
    console.log(`  ${name.padEnd(16)}${String(manifest.counts[name] ?? 0).padStart(14)}${String(found.counts[name] ?? 0).padStart(12)}`);
  console.log(`\n  ${found.chains} chains checked, ${found.broken.length} broken\n`);
  for (const { chain, why } of found.broken) console.log(`  ${chain}: ${why}`);
  return names.every((name) => manifest.counts[name] === found.counts[name]) && found.broken.length === manifest.broken.length;
}

const folder = mkdtempSync(path.join(tmpdir(), 'kesto-restore-'));
atEnd(() => rmSync(folder, { recursive: true, force: true }));
try {
  const { manifest, dump, keys } = await readArchive(file, folder, passphrase);
  step(`the backup was made ${manifest.madeAt}`);
  mkdirSync(dataDir, { recursive: true });
  atEnd(lockFolder(dataDir).release);
  const cluster = await startCluster(path.join(dataDir, 'pg'));
  atEnd(() => stopCluster(cluster));
  await ensureDatabase(cluster, DATABASE);
  step('restoring the database');
  restoreDump(cluster, dump);
  step('checking every chain');
  const found = await inspectDatabase(cluster.url(DATABASE));
  const isWhole = report(manifest, found);
  if (!isWhole) stop('what was restored is not what was backed up', 'use an earlier backup, and keep this one for whoever looks into it');
  // The first start says so in every shop's trail.
  writeKeys(dataDir, keys);
  // Until an admin says that it is the server now, it signs nothing.
  writeFileSync(path.join(dataDir, 'restored-copy.json'), JSON.stringify({ shops: found.shops }), { mode: 0o600 });
  writeFileSync(path.join(dataDir, 'restored.json'), JSON.stringify({ at: new Date().toISOString(), shops: found.shops }));
  step(`restored; start it with: npm start -- --data ${path.relative('.', dataDir) || '.'}`);
} finally {
  cleanUp();
}
