import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { DataSource } from 'typeorm';
import { applicationDataSource, ownerDataSource } from './dataSource';

const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`;
const literal = (text: string) => `'${text.replaceAll("'", "''")}'`;

/** The application's own role for a database: owns nothing, is bound by row-level security. */
export const applicationRole = (ownerUrl: string) => `${databaseName(ownerUrl)}_app`;

const databaseName = (url: string) => decodeURIComponent(new URL(url).pathname.slice(1));

function keptPassword(dataDir: string, role: string): string {
  const file = path.join(dataDir, `${role}.password`);
  if (existsSync(file)) return readFileSync(file, 'utf8').trim();
  mkdirSync(dataDir, { recursive: true });
  const password = randomBytes(24).toString('base64url');
  writeFileSync(file, `${password}\n`, { mode: 0o600 });
  return password;
}

export interface PreparedDatabase {
  readonly db: DataSource;
  /** Nobody has ever been entered. */
  readonly empty: boolean;
}

/** Runs the migrations as owner, sees to the application's role, and answers with a connection as that role. */
export async function prepareDatabase(ownerUrl: string, dataDir: string): Promise<PreparedDatabase> {
  const role = applicationRole(ownerUrl);
  const password = keptPassword(dataDir, role);
  let empty = false;
  const owner = await ownerDataSource(ownerUrl).initialize();
  try {
    const [found] = (await owner.query('select 1 from pg_roles where rolname = $1', [role])) as unknown[];
    const verb = found ? 'alter' : 'create';
    await owner.query(`${verb} role ${quoted(role)} login nosuperuser nobypassrls nocreatedb nocreaterole password ${literal(password)}`);
    await owner.runMigrations({ transaction: 'each' });
    await owner.query(`select grant_application($1)`, [role]);
    const [people] = (await owner.query('select count(*)::int as n from person')) as { n: number }[];
    empty = people?.n === 0;
  } finally {
    await owner.destroy();
  }
  const url = new URL(ownerUrl);
  url.username = encodeURIComponent(role);
  url.password = encodeURIComponent(password);
  return { db: await applicationDataSource(url.toString()).initialize(), empty };
}
