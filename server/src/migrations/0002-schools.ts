import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Where practitioners differ, the shop has an answer of its own. Empty: the engine's defaults. */
export class Schools1764000000002 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table shop add column schools jsonb not null default '{}'`);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
