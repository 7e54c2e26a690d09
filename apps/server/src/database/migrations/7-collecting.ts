/** Collecting: for which due time what was there has been taken as handed in. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Collecting1764600000000 implements MigrationInterface {
  name = 'Collecting1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE lesson ADD COLUMN collected_for timestamptz');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE lesson DROP COLUMN collected_for');
  }
}
