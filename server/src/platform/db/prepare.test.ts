import { freshDatabase, asOwner } from '../../testing/database';
import { typeormStore } from '../../features/shopWork.typeorm';
import { loadDemo } from '../../features/demo';
import { MIGRATIONS } from '../../migrations';
import { ownerDataSource } from './dataSource';
import { prepareDatabase } from './prepare';
import { SHOP_TABLES } from './tables';

test('a database of the first days, owned by a superuser, is handed over with all its rows', async () => {
  const database = await freshDatabase();
  const old = ownerDataSource(database.ownerUrl);
  old.setOptions({ migrations: MIGRATIONS.slice(0, 3) });
  await old.initialize();
  await old.runMigrations();
  await old.query(`insert into shop (shop_id, name, van) values ('0193a000-0000-7000-8000-000000000099', 'An old shop', '{}')`);
  await old.destroy();

  const { db, empty } = await prepareDatabase(database.ownerUrl, database.dataDir);
  expect(empty).toBe(false);
  await asOwner(database.ownerUrl, async (query) => {
    const left = await query(
      `select relname from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'p') and pg_get_userbyid(relowner) = session_user`,
    );
    expect(left).toEqual([]);
    expect(await query('select name from shop')).toEqual([{ name: 'An old shop' }]);
  });
  await db.destroy();
  await database.drop();
});

test('prepared twice it is the same database: nothing is loaded over what is there', async () => {
  const database = await freshDatabase();
  const first = await prepareDatabase(database.ownerUrl, database.dataDir);
  expect(first.empty).toBe(true);
  await loadDemo(typeormStore(first.db));
  await first.db.destroy();
  const again = await prepareDatabase(database.ownerUrl, database.dataDir);
  expect(again.empty).toBe(false);
  await expect(
    again.db.query(`insert into ${SHOP_TABLES[0]?.name} (shop_id, name, van) values (gen_random_uuid(), 'x', '{}')`),
  ).rejects.toMatchObject({
    code: '42501',
  });
  await again.db.destroy();
  await database.drop();
});

test('an existing PostgreSQL needs no superuser: whoever owns the database and may make roles is enough', async () => {
  const database = await freshDatabase();
  const url = new URL(database.ownerUrl);
  const name = url.pathname.slice(1);
  await asOwner(database.ownerUrl, async (query) => {
    await query(`create role ${name}_admin login createrole password 'x'`);
    await query(`alter database ${name} owner to ${name}_admin`);
  });
  url.username = `${name}_admin`;
  url.password = 'x';
  const first = await prepareDatabase(url.toString(), database.dataDir);
  await loadDemo(typeormStore(first.db));
  await first.db.destroy();
  const again = await prepareDatabase(url.toString(), database.dataDir);
  expect(again.empty).toBe(false);
  const [me] = (await again.db.query('select rolsuper from pg_roles where rolname = current_user')) as { rolsuper: boolean }[];
  expect(me?.rolsuper).toBe(false);
  await again.db.destroy();
  await database.drop();
});

test('a second server with another folder does not take the database away: it says so, or shares one password by configuration', async () => {
  const [database, other] = [await freshDatabase(), await freshDatabase()];
  const first = await prepareDatabase(database.ownerUrl, database.dataDir);
  await expect(prepareDatabase(database.ownerUrl, other.dataDir)).rejects.toThrow(/Another server uses this database.*KESTO_APP_PASSWORD/);
  expect(await first.db.query('select 1 as one')).toEqual([{ one: 1 }]);
  await first.db.destroy();
  const [one, two] = [
    await prepareDatabase(database.ownerUrl, database.dataDir, 'one for both'),
    await prepareDatabase(database.ownerUrl, other.dataDir, 'one for both'),
  ];
  for (const { db } of [one, two]) {
    expect(await db.query('select 1 as one')).toEqual([{ one: 1 }]);
    await db.destroy();
  }
  await other.drop();
  await database.drop();
});
