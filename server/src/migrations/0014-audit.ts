import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** Who signed in, asked somebody in, took a file out; who was refused at the door. And under which name a device sent a photo. */
const TABLES = `
create table audit (
  shop_id uuid not null, id uuid not null, at timestamptz not null, what text not null, person_id uuid, whom uuid, about text, device text,
  primary key (shop_id, id));
create index audit_by_time on audit (shop_id, at desc, id desc);
create table refused_try (
  shop_id uuid not null, person_id uuid not null, address text not null, minute timestamptz not null, tries integer not null,
  primary key (shop_id, person_id, address, minute));
create index refused_try_by_time on refused_try (shop_id, minute desc);
create table photo_sent (
  shop_id uuid not null, sent text not null, sha256 text not null,
  primary key (shop_id, sent), foreign key (shop_id, sha256) references photo);
create index ledger_audited on ledger (shop_id, at desc, id desc)
  where chain = 'shop' or kind in ('overruled', 'exported', 'erased');
`;

const STANDS = `
create function only_added_to() returns trigger language plpgsql as $$ begin raise exception '% is only added to', tg_table_name; end $$;
create trigger audit_stands before update or delete on audit for each row execute function only_added_to();
create trigger audit_stands_whole before truncate on audit execute function only_added_to();
create trigger photo_sent_stands before update or delete on photo_sent for each row execute function only_added_to();
`;

export class Audit1764000000014 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    for (const table of ['audit', 'refused_try', 'photo_sent']) await runner.query(rowLevelSecurity(table));
    await runner.query(STANDS);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
