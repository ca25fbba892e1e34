import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A site's machines are read in their places, a few at a time. */
export class UnitsOfSites1764000000025 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('drop index unit_of_site; create index unit_of_site on unit (shop_id, site_id, place, id)');
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
