/** Feedback: what a participant was told of a checked answer is called what it is. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Feedback1764700000000 implements MigrationInterface {
  name = 'Feedback1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE answer_check RENAME COLUMN told TO feedback');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE answer_check RENAME COLUMN feedback TO told');
  }
}
