import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What the nameplate says of the machine itself: model, serial number, dates. */
export class Nameplates1764000000011 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table unit add column details jsonb not null default '{}'`);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
