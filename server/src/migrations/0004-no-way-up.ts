import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * The look-up before a shop is known needs no function that runs as somebody else: a row of `person` is seen by whoever
 * names its login in this transaction. The owner sees `shop`, to tell an empty database from one in use; nothing more.
 */
const POLICIES = `
drop policy person_by_owner on person;
create policy person_by_login on person for select using (login = nullif(current_setting('app.login', true), ''));
create policy shop_by_owner on shop for select
  using (current_user = (select pg_get_userbyid(relowner) from pg_class where oid = 'shop'::regclass));
`;

const NO_FUNCTIONS = `
drop function grant_application(text);
drop function grant_first_tables(text);
drop function shop_of_login(text);
`;

export class NoWayUp1764000000004 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(POLICIES);
    await runner.query(NO_FUNCTIONS);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
