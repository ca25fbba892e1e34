import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { DataSource } from 'typeorm';
import { applicationDataSource, ownerDataSource } from './dataSource';
import { handOver } from './handOver.sql';
import { grantsFor } from './tables';

const literal = (text: string) => `'${text.replaceAll("'", "''")}'`;

const databaseName = (url: string) => decodeURIComponent(new URL(url).pathname.slice(1));

/** Roles are named after their database; letters the role's name cannot carry are left out. */
const roleName = (ownerUrl: string, suffix: string) =>
  `${databaseName(ownerUrl)
    .replace(/[^a-z0-9_]/gi, '')
    .toLowerCase()}_${suffix}`;

/** The application's own role for a database: owns nothing, is bound by row-level security. */
export const applicationRole = (ownerUrl: string) => roleName(ownerUrl, 'app');
/** Owner of the tables: no superuser, cannot log in, bound by row-level security itself. */
export const tablesRole = (ownerUrl: string) => roleName(ownerUrl, 'tables');

const NO_POWERS = 'nosuperuser nobypassrls nocreatedb nocreaterole noreplication';

/** A second server would take the database from the first without a word: it says so instead. */
export class SharedDatabaseError extends Error {}

function madePassword(file: string): string {
  const password = randomBytes(24).toString('base64url');
  writeFileSync(file, `${password}\n`, { mode: 0o600 });
  return password;
}

/** The application's password: as configured, as kept in the data folder, or made anew where nobody has used this database yet. */
async function passwordFor(ownerUrl: string, { dataDir, configured }: Where): Promise<string> {
  if (configured) return configured;
  const role = applicationRole(ownerUrl);
  const file = path.join(dataDir, `${role}.password`);
  if (existsSync(file)) return readFileSync(file, 'utf8').trim();
  mkdirSync(dataDir, { recursive: true });
  if (!(await roleExists(ownerUrl, role))) return madePassword(file);
  throw new SharedDatabaseError(
    `Another server uses this database: the password of its role ${role} is not in ${dataDir}. Start both with the same KESTO_APP_PASSWORD, ` +
      `or this one with the other’s data folder`,
  );
}

async function roleExists(ownerUrl: string, role: string): Promise<boolean> {
  const owner = await ownerDataSource(ownerUrl).initialize();
  try {
    return ((await owner.query('select 1 from pg_roles where rolname = $1', [role])) as unknown[]).length > 0;
  } finally {
    await owner.destroy();
  }
}

async function makeRole(owner: DataSource, role: string, powers: string): Promise<void> {
  const sql = 'select rolsuper or rolbypassrls or rolcreaterole as mighty from pg_roles where rolname = $1';
  const [found] = (await owner.query(sql, [role])) as { mighty: boolean }[];
  // Taking powers away asks for a superuser even where there are none to take, so it is said only where it is needed.
  const limits = !found || found.mighty ? NO_POWERS : '';
  await owner.query(`${found ? 'alter' : 'create'} role ${role} ${limits} ${powers}`);
}

/** Makes the two roles and gives everything in the schema to the one that cannot log in. */
async function prepareRoles(ownerUrl: string, password: string): Promise<void> {
  const [app, tables] = [applicationRole(ownerUrl), tablesRole(ownerUrl)];
  const owner = await ownerDataSource(ownerUrl).initialize();
  try {
    await makeRole(owner, app, `login password ${literal(password)}`);
    await makeRole(owner, tables, 'nologin');
    for (const statement of handOver(databaseName(ownerUrl), { app, tables })) await owner.query(statement);
  } finally {
    await owner.destroy();
  }
}

/** Runs the migrations as the tables' owner and says anew what the application may; answers whether there is no shop yet. */
async function migrate(ownerUrl: string): Promise<boolean> {
  const owner = await ownerDataSource(ownerUrl, tablesRole(ownerUrl)).initialize();
  try {
    await owner.runMigrations({ transaction: 'each' });
    for (const statement of grantsFor(applicationRole(ownerUrl))) await owner.query(statement);
    const [shops] = (await owner.query('select count(*)::int as n from shop')) as { n: number }[];
    return shops?.n === 0;
  } finally {
    await owner.destroy();
  }
}

export interface PreparedDatabase {
  readonly db: DataSource;
  /** No shop has ever been entered. */
  readonly empty: boolean;
}

/** Where the application's password is. */
interface Where {
  readonly dataDir: string;
  /** One for all servers of a database; null: each keeps its own in its data folder. */
  readonly configured: string | null;
}

/** Sees to the roles, runs the migrations, and answers with a connection as the application. */
export async function prepareDatabase(ownerUrl: string, dataDir: string, configured: string | null = null): Promise<PreparedDatabase> {
  const password = await passwordFor(ownerUrl, { dataDir, configured });
  await prepareRoles(ownerUrl, password);
  const empty = await migrate(ownerUrl);
  const url = new URL(ownerUrl);
  url.username = encodeURIComponent(applicationRole(ownerUrl));
  url.password = encodeURIComponent(password);
  return { db: await applicationDataSource(url.toString()).initialize(), empty };
}
