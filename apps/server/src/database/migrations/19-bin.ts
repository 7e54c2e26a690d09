/** Lessons and classes that were deleted, and can be restored for a while. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Bin1765800000000 implements MigrationInterface {
  name = 'Bin1765800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE lesson ADD deleted_at timestamptz;
      ALTER TABLE school_class ADD deleted_at timestamptz`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE lesson DROP deleted_at; ALTER TABLE school_class DROP deleted_at');
  }
}
