import type { MigrationInterface, QueryRunner } from 'typeorm';
import { wordsOf } from './frozen/words';

/** Sites are read a page at a time, by name, and found by words of it. */
const TABLES = `
create index site_by_name on site (shop_id, lower(name), id);
alter table search_word drop constraint search_word_thing_check;
alter table search_word add constraint search_word_thing_check check (thing in ('site', 'unit', 'job', 'joint'));
`;

interface Named {
  readonly shop_id: string;
  readonly id: string;
  readonly name: string;
}

const KEEP = `
insert into search_word (shop_id, thing, word, turn, id)
select shop_id, 'site', word, 0, id from unnest($1::uuid[], $2::text[], $3::uuid[]) as kept(shop_id, word, id) on conflict do nothing`;

const TABLES_OF_ALL_SHOPS = ['site', 'search_word'];

export class SitePages1764000000024 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    for (const table of TABLES_OF_ALL_SHOPS) await runner.query(`alter table ${table} no force row level security`);
    const sites = (await runner.query('select shop_id, id, name from site')) as Named[]; // cast: by the statement
    const words = sites.flatMap(({ shop_id, id, name }) => wordsOf([name]).map((word) => ({ shop_id, word, id })));
    await runner.query(KEEP, [words.map(({ shop_id }) => shop_id), words.map(({ word }) => word), words.map(({ id }) => id)]);
    for (const table of TABLES_OF_ALL_SHOPS) await runner.query(`alter table ${table} force row level security`);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
