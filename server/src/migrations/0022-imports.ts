import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** Records of other shops: each its file under its hash, and of each of its joints where the chain stood, to be found by its tag. */
const TABLES = `
create table imported_file (
  shop_id uuid not null, sha256 text not null, of_chain text not null, name text not null, their_shop jsonb, bytes bytea not null,
  person_id uuid not null, taken_at timestamptz not null, primary key (shop_id, sha256));
create index imported_file_newest on imported_file (shop_id, taken_at desc, sha256);
create table imported_joint (
  shop_id uuid not null, sha256 text not null, chain_id uuid not null, tag text collate "C" not null, sequence integer not null,
  head text not null, primary key (shop_id, sha256, chain_id));
create index imported_joint_of_tag on imported_joint (shop_id, upper(tag) collate "C");
`;

export class Imports1764000000022 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    for (const table of ['imported_file', 'imported_joint']) await runner.query(rowLevelSecurity(table));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
