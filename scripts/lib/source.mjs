// The database that is backed up or checked: the private one of a data folder, or another server's.
import path from 'node:path';
import { isHeld, lockFolder } from './lock.mjs';
import { clusterOf, DATABASE, startCluster, stopCluster } from './postgres.mjs';
import { atEnd, stop } from './report.mjs';

/** Its address, by a role that sees every row. A folder that nobody uses is held meanwhile, and its database ends with this. */
export async function databaseOf(dataDir) {
  const asked = process.env.KESTO_BACKUP_URL ?? process.env.DATABASE_URL;
  if (asked) return asked;
  const folder = path.join(dataDir, 'pg');
  if (!clusterOf(folder)) stop(`there is no database in ${dataDir}`, 'say where it is: --data DIR, or DATABASE_URL');
  if (!isHeld(dataDir)) atEnd(lockFolder(dataDir).release);
  const cluster = await startCluster(folder);
  if (cluster.began) atEnd(() => stopCluster(cluster));
  return cluster.url(DATABASE);
}

/** A transaction that sees one moment, and the name by which others see it too. A role that is bound by row-level security sees nothing. */
export async function openSnapshot(url) {
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
