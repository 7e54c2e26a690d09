/** A table for questions: how often answers were checked. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Questions1764300000000 implements MigrationInterface {
  name = 'Questions1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE answer_check (
        participant_id text NOT NULL REFERENCES participant ON DELETE CASCADE,
        item_id text NOT NULL,
        tries int NOT NULL,
        told jsonb NOT NULL,
        PRIMARY KEY (participant_id, item_id)
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE answer_check');
  }
}
