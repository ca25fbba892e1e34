import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A code has its maker's power, and that another shop knows it is told to nobody: it is one of its kind within its shop alone. */
const CODES = `
alter table invite add column made_by uuid, add column made_at timestamptz not null default now(),
  add foreign key (shop_id, made_by) references person;
alter table invite drop constraint invite_code_hash_key;
alter table invite add constraint invite_code_of_shop unique (shop_id, code_hash);
create index invite_by_code_hash on invite (code_hash, made_at);
`;

export class Codes1764000000012 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(CODES);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
