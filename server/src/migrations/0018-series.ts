import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/**
 * What instruments send: a series stands with its newest samples, which are no block yet; a full block is added and never changed. A block
 * stays under two kilobytes, so that it is kept in its row.
 */
const TABLES = `
create table series (
  shop_id uuid not null, id uuid not null, job_id uuid not null, hold_id uuid not null,
  instrument jsonb not null, factor double precision, token_hash text not null,
  blocks integer not null, head text, samples integer not null, acked bigint not null,
  tail bytea, disagreements integer not null,
  began_at timestamptz not null, heard_at timestamptz not null, stood_at timestamptz not null, ended_at timestamptz,
  primary key (shop_id, id), unique (shop_id, token_hash), foreign key (shop_id, job_id) references job (shop_id, id));
create index series_hold on series (shop_id, hold_id, began_at);
create table series_block (
  shop_id uuid not null, series_id uuid not null, sequence integer not null, bytes bytea not null, hash text not null,
  primary key (shop_id, series_id, sequence), foreign key (shop_id, series_id) references series (shop_id, id));
alter table series_block alter column bytes set storage main;
`;

export class Series1764000000018 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    for (const table of ['series', 'series_block']) await runner.query(rowLevelSecurity(table));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
