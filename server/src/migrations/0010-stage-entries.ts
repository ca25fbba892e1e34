import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** What is found, decided and made safe: a chain for each job, as joints have theirs. */
const TABLE = `
create table stage_entry (
  shop_id uuid not null, job_id uuid not null, sequence integer not null, id uuid not null, stage text not null, kind text not null,
  person_id uuid not null, content text not null, hash text not null, request_hash text not null,
  primary key (shop_id, job_id, sequence), unique (shop_id, id), foreign key (shop_id, job_id) references job,
  foreign key (shop_id, person_id) references person);
`;

export class StageEntries1764000000010 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLE);
    await runner.query(rowLevelSecurity('stage_entry'));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
