import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/**
 * What joints are found again by, one row each, and which rows have to be worked out anew since something was noted. A joint that was never
 * made has the earliest moment there is, so that the order is total.
 */
const TABLES = `
create table joint_found (
  shop_id uuid not null, joint_id uuid not null, tag text collate "C" not null, unit_id uuid not null, maker_id uuid, filler text, lot text collate "C",
  made_at timestamptz not null, state text not null, primary key (shop_id, joint_id));
create index joint_found_newest on joint_found (shop_id, made_at desc, joint_id desc);
create index joint_found_of_unit on joint_found (shop_id, unit_id, made_at desc, joint_id desc);
create index joint_found_of_maker on joint_found (shop_id, maker_id, made_at desc, joint_id desc);
create index joint_found_of_filler on joint_found (shop_id, filler, made_at desc, joint_id desc);
create index joint_found_in_state on joint_found (shop_id, state, made_at desc, joint_id desc);
create index joint_found_of_tag on joint_found (shop_id, tag);
create index joint_found_of_lot on joint_found (shop_id, lot) where lot is not null;
create table joint_stale (shop_id uuid not null, joint_id uuid not null, primary key (shop_id, joint_id));
`;

const STALE = `insert into joint_stale (shop_id, joint_id) select shop_id, id from joint`;

export class Found1764000000020 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    await runner.query('alter table joint no force row level security');
    await runner.query(STALE);
    await runner.query('alter table joint force row level security');
    for (const table of ['joint_found', 'joint_stale']) await runner.query(rowLevelSecurity(table));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
