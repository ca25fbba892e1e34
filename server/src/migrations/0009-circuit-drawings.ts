import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** Circuits as they are drawn: drawn anew is a new row, so that what a plan was taken from stays. */
const TABLE = `
create table circuit_drawing (
  shop_id uuid not null, id uuid not null, circuit_id uuid not null, person_id uuid not null, graph jsonb not null,
  made_at timestamptz not null, place integer not null, request_hash text not null,
  primary key (shop_id, id), unique (shop_id, circuit_id, place), foreign key (shop_id, circuit_id) references circuit,
  foreign key (shop_id, person_id) references person);
alter table joint add column at jsonb;
`;

export class CircuitDrawings1764000000009 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLE);
    await runner.query(rowLevelSecurity('circuit_drawing'));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
