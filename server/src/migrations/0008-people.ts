import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** People come by one-time codes and leave; approvals name their scope by an id and have a number; sign-ins can be listed. */
const TABLES = `
alter table person add column confirmed_at timestamptz, add column left_at timestamptz;
alter table session add column id uuid not null default gen_random_uuid(), add column began_at timestamptz not null default now(),
  add column device text not null default '';
create unique index session_by_id on session (shop_id, id);
create table invite (
  shop_id uuid not null references shop, id uuid not null, code_hash text not null unique, name text not null,
  role text not null check (role in ('technician', 'lead', 'inspector', 'admin')), person_id uuid,
  expires_at timestamptz not null, used_at timestamptz, primary key (shop_id, id), foreign key (shop_id, person_id) references person);
`;

/** As the login does for a person: whoever names a code sees its row before a shop is known. */
const BY_CODE = `create policy invite_by_code on invite for select using (code_hash = nullif(current_setting('app.invite', true), ''))`;

/** Of every person, from words to ids: run once, and held against an old row by its test. */
export const APPROVALS_AS_IDS = `
update person set approvals = coalesce((
  select jsonb_agg(jsonb_build_object('scope', replace(a ->> 'group', ' filler', ''), 'number', '', 'validUntil', a ->> 'validUntil'))
  from jsonb_array_elements(approvals) a), '[]')`;

export class People1764000000008 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    await runner.query(rowLevelSecurity('invite'));
    await runner.query(BY_CODE);
    await runner.query('alter table person no force row level security');
    await runner.query(APPROVALS_AS_IDS);
    await runner.query('alter table person force row level security');
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
