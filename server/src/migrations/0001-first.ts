import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/** Tables in which the shop's id leads every key, so that the data can later be spread over machines by shop. */
const TABLES = `
create table shop (shop_id uuid primary key, name text not null, van jsonb not null);
create table person (
  shop_id uuid not null references shop, id uuid not null, login text not null unique, name text not null,
  role text not null check (role in ('technician', 'lead', 'inspector', 'admin')),
  password_hash text not null, units jsonb not null, approvals jsonb not null, primary key (shop_id, id));
create table session (
  shop_id uuid not null, token_hash text not null, person_id uuid not null, expires_at timestamptz not null,
  primary key (shop_id, token_hash), foreign key (shop_id, person_id) references person);
create table site (shop_id uuid not null references shop, id uuid not null, name text not null, altitude_m double precision not null, primary key (shop_id, id));
create table unit (
  shop_id uuid not null, id uuid not null, site_id uuid not null, tag text not null, name text not null, kind text not null, place integer not null,
  primary key (shop_id, id), unique (shop_id, tag), foreign key (shop_id, site_id) references site);
create table circuit (
  shop_id uuid not null, id uuid not null, unit_id uuid not null, details jsonb not null,
  primary key (shop_id, id), foreign key (shop_id, unit_id) references unit);
create table joint (
  shop_id uuid not null, id uuid not null, circuit_id uuid not null, tag text not null, title text not null, request_hash text not null,
  primary key (shop_id, id), unique (shop_id, tag), foreign key (shop_id, circuit_id) references circuit);
create table job (
  shop_id uuid not null, id uuid not null, circuit_id uuid not null, number integer not null, title text not null, stage text not null,
  done boolean not null, request_hash text not null,
  primary key (shop_id, id), unique (shop_id, number), foreign key (shop_id, circuit_id) references circuit);
create table job_joint (
  shop_id uuid not null, job_id uuid not null, joint_id uuid not null, place integer not null,
  primary key (shop_id, job_id, joint_id), foreign key (shop_id, job_id) references job, foreign key (shop_id, joint_id) references joint);
create table joint_plan (
  shop_id uuid not null, id uuid not null, joint_id uuid not null, person_id uuid not null, request jsonb not null, answer jsonb not null,
  chosen text not null, reason text, engine_version text not null, made_at timestamptz not null, place integer not null, request_hash text not null,
  primary key (shop_id, id), unique (shop_id, joint_id, place), foreign key (shop_id, joint_id) references joint, foreign key (shop_id, person_id) references person);
create table record_entry (
  shop_id uuid not null, joint_id uuid not null, sequence integer not null check (sequence > 0), id uuid not null, kind text not null, person_id uuid not null,
  content text not null, hash text not null, request_hash text not null,
  primary key (shop_id, joint_id, sequence), unique (shop_id, id), foreign key (shop_id, joint_id) references joint, foreign key (shop_id, person_id) references person);
create table photo (shop_id uuid not null references shop, sha256 text not null, media_type text not null, bytes bytea not null, primary key (shop_id, sha256));
`;

const WALLED = ['shop', 'person', 'session', 'site', 'unit', 'circuit', 'joint', 'job', 'job_joint', 'joint_plan', 'record_entry', 'photo'];
const APPEND_ONLY = ['joint_plan', 'record_entry', 'photo'];

/** The one look-up before a shop is known; it answers with ids and nothing else. */
const SIGN_IN = `
create policy person_by_owner on person for select to current_user using (true);
create function shop_of_login(asked text) returns uuid language sql stable security definer set search_path = public
  as $$ select shop_id from person where login = asked $$;
revoke all on function shop_of_login(text) from public;
`;

/** What the application's role may: read and add everywhere, change only what is not a record. */
const GRANTS = `
create function grant_application(role_name text) returns void language plpgsql as $$
declare name text;
begin
  foreach name in array array[${WALLED.map((t) => `'${t}'`).join(', ')}] loop
    execute format('grant select, insert on %I to %I', name, role_name);
  end loop;
  foreach name in array array[${WALLED.filter((t) => !APPEND_ONLY.includes(t))
    .map((t) => `'${t}'`)
    .join(', ')}] loop
    execute format('grant update on %I to %I', name, role_name);
  end loop;
  execute format('grant delete on session to %I', role_name);
  execute format('grant usage on schema public to %I', role_name);
  execute format('grant execute on function shop_of_login(text) to %I', role_name);
end $$;
revoke all on function grant_application(text) from public;
`;

export class First1764000000001 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    for (const table of WALLED) await runner.query(rowLevelSecurity(table));
    await runner.query(SIGN_IN);
    await runner.query(GRANTS);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
