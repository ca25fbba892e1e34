import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Who let an instrument in: it is let go when they leave. */
export class PairedBy1764000000023 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table series add column paired_by uuid');
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
