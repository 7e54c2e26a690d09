/** The slides that somebody could come to so far, for lessons that withhold the others from their device. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class ReachedSlides1765100000000 implements MigrationInterface {
  name = 'ReachedSlides1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE participant ADD COLUMN reached text[] NOT NULL DEFAULT '{}'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE participant DROP COLUMN reached');
  }
}
