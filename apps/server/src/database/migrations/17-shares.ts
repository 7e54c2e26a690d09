/** Decks shared by an address, and whose a copy was. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Shares1765600000000 implements MigrationInterface {
  name = 'Shares1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE deck_share (
        address text PRIMARY KEY, deck_id text NOT NULL REFERENCES deck ON DELETE CASCADE,
        kind text NOT NULL, may text NOT NULL, until timestamptz, passcode_hash text, pass text NOT NULL,
        newest boolean NOT NULL, listed boolean NOT NULL, edition_hash text NOT NULL,
        published_at timestamptz NOT NULL, ended_at timestamptz, UNIQUE (deck_id, kind));
      CREATE TABLE share_look (
        address text NOT NULL REFERENCES deck_share ON DELETE CASCADE ON UPDATE CASCADE,
        day date NOT NULL, count int NOT NULL, PRIMARY KEY (address, day));
      ALTER TABLE deck ADD copied_from jsonb`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE deck DROP copied_from; DROP TABLE share_look, deck_share');
  }
}
