import { testServer, type TestServer } from '../../testing/server';
import { asOwner } from '../../testing/database';
import { SHOP_TABLES } from './tables';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const sql = <Row>(text: string) => server.db.query(text) as Promise<Row[]>;
const APP_OWNS_NOTHING = `select relname from pg_class c join pg_roles r on r.oid = c.relowner where r.rolname = current_user`;

/** The catalogue is asked, not the migrations: what a later one adds is held against the same rules. */
describe('nothing lets the application become more than it is', () => {
  test('its role has no power, owns nothing and belongs to no other role', async () => {
    const [role] = await sql(
      `select rolsuper, rolbypassrls, rolcreaterole, rolcreatedb, rolreplication from pg_roles where rolname = current_user`,
    );
    expect(role).toEqual({ rolsuper: false, rolbypassrls: false, rolcreaterole: false, rolcreatedb: false, rolreplication: false });
    expect(await sql(APP_OWNS_NOTHING)).toEqual([]);
    expect(await sql(`select 1 from pg_auth_members m join pg_roles r on r.oid = m.member where r.rolname = current_user`)).toEqual([]);
  });

  test('every table and function belongs to a role that is no superuser and cannot log in', async () => {
    const owners = await sql(`
      select distinct r.rolname, r.rolsuper, r.rolbypassrls, r.rolcanlogin from pg_roles r where r.oid in (
        select relowner from pg_class where relnamespace = 'public'::regnamespace
        union select proowner from pg_proc where pronamespace = 'public'::regnamespace)`);
    expect(owners).toEqual([expect.objectContaining({ rolsuper: false, rolbypassrls: false, rolcanlogin: false })]);
  });

  test('a function that runs as its owner names its search path, pg_temp last', async () => {
    const functions = await sql<{ name: string; config: string[] | null }>(`
      select p.oid::regprocedure::text as name, p.proconfig as config from pg_proc p
      where p.prosecdef and p.pronamespace not in ('pg_catalog'::regnamespace, 'information_schema'::regnamespace)`);
    const open = functions.filter((f) => !(f.config ?? []).some((line) => /^search_path=pg_catalog,.*pg_temp$/.test(line)));
    expect(open).toEqual([]);
  });

  test.each([
    ['a temporary view of its own', 'create temp view person as select 1'],
    ['a temporary table', 'create temp table person (id int)'],
    ['a table', 'create table mine (id int)'],
    ['a function', `create function mine() returns int language sql as 'select 1'`],
    ['another role', 'create role mine superuser'],
  ])('it cannot make %s', async (_what, text) => {
    await expect(server.db.query(text)).rejects.toMatchObject({ code: '42501' });
  });
});

describe('every table stands behind the walls', () => {
  test('the list and the catalogue name the same tables', async () => {
    const tables = await sql<{ name: string }>(`
      select relname as name from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'p') and relname <> 'migrations'`);
    expect(tables.map((t) => t.name).sort()).toEqual(SHOP_TABLES.map((t) => t.name).sort());
  });

  test('row-level security is on for each, and its owner is bound by it too', async () => {
    const open = await sql(`
      select relname from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'p') and relname <> 'migrations'
      and not (relrowsecurity and relforcerowsecurity)`);
    expect(open).toEqual([]);
  });

  test('what the application may do with each is what the list says', async () => {
    const grants = await sql<{ name: string; rights: string[] }>(`
      select table_name as name, array_agg(privilege_type::text order by privilege_type) as rights
      from information_schema.role_table_grants where grantee = current_user group by 1`);
    const wanted = SHOP_TABLES.map(({ name, change, remove }) => ({
      name,
      rights: [...(remove ? ['DELETE'] : []), 'INSERT', 'SELECT', ...(change ? ['UPDATE'] : [])],
    }));
    const byName = (a: { name: string }, b: { name: string }) => a.name.localeCompare(b.name);
    expect([...grants].sort(byName)).toEqual([...wanted].sort(byName));
  });

  test('the tables’ owner itself sees no rows of a shop', async () => {
    let seen: unknown;
    await asOwner(server.ownerUrl, async (query) => {
      await query(`select set_config('role', (select pg_get_userbyid(relowner) from pg_class where relname = 'person'), false)`);
      seen = await query('select 1 from person union all select 1 from ledger');
    });
    expect(seen).toEqual([]);
  });
});
