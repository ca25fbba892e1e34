import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** A lead's PIN of the day on somebody's phone: its checking half; and what was overruled by it, until its lead has seen that. */
const TABLES = `
create table day_pin (
  shop_id uuid not null, id uuid not null, lead_id uuid not null, phone_of uuid not null, key text not null,
  made_at timestamptz not null, until timestamptz not null,
  primary key (shop_id, id),
  foreign key (shop_id, lead_id) references person (shop_id, id), foreign key (shop_id, phone_of) references person (shop_id, id));
create table pin_use (
  shop_id uuid not null, id uuid not null, lead_id uuid not null, job_id uuid not null, at timestamptz not null, seen_at timestamptz,
  primary key (shop_id, id), foreign key (shop_id, job_id) references job (shop_id, id));
create index pin_use_unseen on pin_use (shop_id, lead_id, at) where seen_at is null;
`;

export class DayPins1764000000015 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    for (const table of ['day_pin', 'pin_use']) await runner.query(rowLevelSecurity(table));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
