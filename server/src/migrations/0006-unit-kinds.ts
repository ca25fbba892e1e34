import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a unit looks like is kept as an id (`cold-room`); its words are made where it is shown. */
export class UnitKinds1764000000006 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table unit no force row level security');
    await runner.query(`update unit set kind = replace(kind, ' ', '-')`);
    await runner.query('alter table unit force row level security');
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
