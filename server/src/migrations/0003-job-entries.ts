import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** What is noted of a job as a whole: where it differs from the shop's schools and why, and sums made on the bench. Added, never changed. */
const TABLE = `
create table job_entry (
  shop_id uuid not null, id uuid not null, job_id uuid not null, person_id uuid not null, kind text not null, values jsonb not null,
  made_at timestamptz not null, place integer not null, request_hash text not null,
  primary key (shop_id, id), unique (shop_id, job_id, place),
  foreign key (shop_id, job_id) references job, foreign key (shop_id, person_id) references person);
`;

const GRANTS = `
alter function grant_application(text) rename to grant_first_tables;
create function grant_application(role_name text) returns void language plpgsql as $$
begin
  perform grant_first_tables(role_name);
  execute format('grant select, insert on job_entry to %I', role_name);
end $$;
revoke all on function grant_application(text) from public;
`;

export class JobEntries1764000000003 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLE);
    await runner.query(rowLevelSecurity('job_entry'));
    await runner.query(GRANTS);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
