import { randomBytes } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ownerDataSource } from '../platform/db/dataSource';

/** A database of one test file's own, in the cluster the test run started. */
export async function freshDatabase(): Promise<{ ownerUrl: string; dataDir: string; drop: () => Promise<void> }> {
  const base = process.env['KESTO_TEST_DATABASE'];
  if (!base) throw new Error('KESTO_TEST_DATABASE is not set: run these tests through Jest’s server project');
  const name = `kesto_test_${randomBytes(6).toString('hex')}`;
  await asOwner(base, (query) => query(`create database ${name}`));
  const url = new URL(base);
  url.pathname = `/${name}`;
  return {
    ownerUrl: url.toString(),
    dataDir: mkdtempSync(path.join(tmpdir(), 'kesto-test-')),
    drop: () => asOwner(base, (query) => query(`drop database ${name} with (force)`)),
  };
}

/** Work as the owner, whom row-level security does not bind: for setting a stage, never for what is tested. */
export async function asOwner<T>(
  url: string,
  work: (query: (sql: string, values?: unknown[]) => Promise<unknown>) => Promise<T>,
): Promise<void> {
  const owner = await ownerDataSource(url).initialize();
  try {
    await work((sql, values) => owner.query(sql, values));
  } finally {
    await owner.destroy();
  }
}
