import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a joint was called on a phone without a signal: it is found by that too. */
const COLUMN = `
alter table joint add called_as text;
create index joint_called_as on joint (shop_id, called_as, added_at desc) where called_as is not null;
`;

export class CalledAs1764000000017 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(COLUMN);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
