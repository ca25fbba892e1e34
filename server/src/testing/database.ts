import { randomBytes } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ownerDataSource } from '../platform/db/dataSource';

export interface TestDatabase {
  readonly ownerUrl: string;
  readonly dataDir: string;
  readonly drop: () => Promise<void>;
}

const base = (): string => {
  const url = process.env['KESTO_TEST_DATABASE'];
  if (!url) throw new Error('KESTO_TEST_DATABASE is not set: run these tests through Jest’s server project');
  return url;
};

/** A database of one test file's own, in the cluster the test run started; a copy of another where one is named. */
export async function freshDatabase(template?: string): Promise<TestDatabase> {
  const name = `kesto_test_${randomBytes(6).toString('hex')}`;
  await asOwner(base(), (query) => query(`create database ${name}${template ? ` template ${template}` : ''}`));
  const url = new URL(base());
  url.pathname = `/${name}`;
  return {
    ownerUrl: url.toString(),
    dataDir: mkdtempSync(path.join(tmpdir(), 'kesto-test-')),
    drop: () => asOwner(base(), (query) => query(`drop database ${name} with (force)`)),
  };
}

/** By the run of the tests. */
const DEMO = process.env['KESTO_TEST_DEMO'] ?? 'kesto_demo';
/** Any number: whoever holds it makes the template. */
const ONE_AT_A_TIME = 4711;

/** The demo as it was loaded once in this test run, copied: loading it takes seconds, a copy does not. */
export async function demoDatabase(load: (url: string, dataDir: string) => Promise<void>): Promise<TestDatabase> {
  await asOwner(base(), async (query) => {
    await query(`select pg_advisory_lock(${ONE_AT_A_TIME})`);
    const [made] = (await query('select 1 from pg_database where datname = $1', [DEMO])) as unknown[];
    if (!made) {
      await query(`create database ${DEMO}_begun`);
      const url = new URL(base());
      url.pathname = `/${DEMO}_begun`;
      await load(url.toString(), mkdtempSync(path.join(tmpdir(), 'kesto-test-')));
      await query(`alter database ${DEMO}_begun rename to ${DEMO}`);
    }
    await query(`select pg_advisory_unlock(${ONE_AT_A_TIME})`);
  });
  return freshDatabase(DEMO);
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
