/** Accounts that wait for their e-mail address to be confirmed. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class WaitingAccounts1766300000000 implements MigrationInterface {
  name = 'WaitingAccounts1766300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE waiting_account (
        token_hash text PRIMARY KEY, email text NOT NULL, name text NOT NULL, password_hash text NOT NULL,
        expires_at timestamptz NOT NULL);
      CREATE INDEX ON waiting_account (lower(email))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE waiting_account');
  }
}
