import type { MigrationInterface, QueryRunner } from 'typeorm';
import { rowLevelSecurity } from './rowLevelSecurity';

/**
 * What labels say that were printed: a head is looked up by whoever scans one and is not signed in, by the very hash and nothing else, so
 * that no other table has to be opened for it.
 */
const TABLES = `
create table label_given (
  shop_id uuid not null, joint_id uuid not null, sequence integer not null, head text not null, primary key (shop_id, joint_id, sequence));
create index label_given_head on label_given (head);
`;

const BY_HEAD = `create policy label_given_by_head on label_given for select using (head = nullif(current_setting('app.head', true), ''))`;

export class Labels1764000000021 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    await runner.query(rowLevelSecurity('label_given'));
    await runner.query(BY_HEAD);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
