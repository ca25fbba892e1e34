import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Stages are kept as ids (`make-safe`), and a job says at which of them its record here began: what lies before is not kept, nor shown as done. */
export class JobStages1764000000007 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table job add column began text not null default 'find'`);
    await runner.query('alter table job no force row level security');
    await runner.query(`update job set stage = replace(stage, ' ', '-')`);
    await runner.query('alter table job force row level security');
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
