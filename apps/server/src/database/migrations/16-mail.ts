/** The outbox, and links by which passwords are set. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Mail1765500000000 implements MigrationInterface {
  name = 'Mail1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE outbox (
        id text PRIMARY KEY, recipient text NOT NULL, subject text NOT NULL, text text NOT NULL,
        sent_at timestamptz NOT NULL);
      CREATE TABLE password_link (
        token_hash text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher ON DELETE CASCADE,
        expires_at timestamptz NOT NULL);
      CREATE INDEX password_link_teacher ON password_link (teacher_id)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE outbox, password_link');
  }
}
