/** On what somebody is signed in, and since when; links by which another e-mail address is confirmed. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Devices1765700000000 implements MigrationInterface {
  name = 'Devices1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE session ADD device text NOT NULL DEFAULT '', ADD started_at timestamptz NOT NULL DEFAULT now();
      CREATE TABLE email_link (
        token_hash text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher ON DELETE CASCADE,
        email text NOT NULL, expires_at timestamptz NOT NULL)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE email_link; ALTER TABLE session DROP device, DROP started_at');
  }
}
