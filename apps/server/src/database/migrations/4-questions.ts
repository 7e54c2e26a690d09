/** For questions: how often answers were checked, whether a lesson holds them; starters that teachers keep and share. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Questions1764300000000 implements MigrationInterface {
  name = 'Questions1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE lesson ADD COLUMN held boolean NOT NULL DEFAULT false;
      CREATE TABLE answer_check (
        participant_id text NOT NULL REFERENCES participant ON DELETE CASCADE,
        item_id text NOT NULL,
        tries int NOT NULL,
        told jsonb NOT NULL,
        PRIMARY KEY (participant_id, item_id)
      );
      CREATE TABLE starter (
        id text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher, name text NOT NULL, moment text NOT NULL,
        does jsonb NOT NULL, deck jsonb NOT NULL, kept_at timestamptz NOT NULL
      );
      CREATE INDEX starter_teacher ON starter (teacher_id);
      CREATE TABLE starter_share (
        starter_id text NOT NULL REFERENCES starter ON DELETE CASCADE,
        teacher_id text NOT NULL REFERENCES teacher,
        PRIMARY KEY (starter_id, teacher_id)
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE answer_check, starter_share, starter; ALTER TABLE lesson DROP COLUMN held');
  }
}
