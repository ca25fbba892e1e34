import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/**
 * What a shop seals: an append-only tree of its chains' heads, kept by its complete subtrees; every tree head that was signed; which sizes were
 * given away with which chain; and which chains grew since.
 */
const TABLES = `
create table tree_leaf (
  shop_id uuid not null, place bigint not null, what text not null check (what in ('head', 'entry', 'key', 'restored')),
  chain text, chain_id uuid, sequence integer, entry text, leaf text not null, primary key (shop_id, place));
create index tree_leaf_of_chain on tree_leaf (shop_id, chain, chain_id, place) where what = 'head';
create index tree_leaf_of_entry on tree_leaf (shop_id, entry) where what = 'entry';
create index tree_leaf_of_change on tree_leaf (shop_id, place) where what in ('key', 'restored');
create table tree_node (shop_id uuid not null, level smallint not null, place bigint not null, hash text not null, primary key (shop_id, level, place));
create table tree_head (
  shop_id uuid not null, size bigint not null, epoch integer not null, root text not null, time timestamptz not null, name text not null,
  key text not null, signature text not null, primary key (shop_id, size));
create table tree_given (shop_id uuid not null, chain text not null, chain_id uuid not null, size bigint not null, primary key (shop_id, chain, chain_id, size));
create table chain_grown (shop_id uuid not null, chain text not null, chain_id uuid not null, primary key (shop_id, chain, chain_id));
`;

const GROWN = `insert into chain_grown (shop_id, chain, chain_id) select distinct shop_id, chain, chain_id from ledger`;

export const TREE_TABLES = ['tree_leaf', 'tree_node', 'tree_head', 'tree_given', 'chain_grown'];

export class Tree1764000000019 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    await runner.query('alter table ledger no force row level security');
    await runner.query(GROWN);
    await runner.query('alter table ledger force row level security');
    for (const table of TREE_TABLES) await runner.query(rowLevelSecurity(table));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
