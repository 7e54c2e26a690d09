/** Decks shared by an address, with viewers, for a time, and with people who have no account yet; whose a copy was. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Shares1765600000000 implements MigrationInterface {
  name = 'Shares1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE deck_share (
        address text PRIMARY KEY, deck_id text NOT NULL REFERENCES deck ON DELETE CASCADE,
        kind text NOT NULL, may text NOT NULL, until timestamptz, passcode_hash text, pass text NOT NULL,
        newest boolean NOT NULL, listed boolean NOT NULL, edition_hash text NOT NULL,
        published_at timestamptz NOT NULL, ended_at timestamptz,
        presenter_id text REFERENCES teacher ON DELETE CASCADE, walk jsonb,
        keeps boolean NOT NULL DEFAULT false, seen_at timestamptz);
      CREATE UNIQUE INDEX deck_share_kind ON deck_share (deck_id, kind) WHERE kind <> 'follow';
      CREATE INDEX deck_share_deck ON deck_share (deck_id);
      CREATE TABLE share_look (
        address text NOT NULL REFERENCES deck_share ON DELETE CASCADE ON UPDATE CASCADE,
        day date NOT NULL, count int NOT NULL, PRIMARY KEY (address, day));
      ALTER TABLE deck ADD copied_from jsonb;
      ALTER TABLE deck_author ADD may text NOT NULL DEFAULT 'edit', ADD until timestamptz;
      CREATE TABLE deck_invitation (
        id text PRIMARY KEY, token_hash text NOT NULL UNIQUE, deck_id text NOT NULL REFERENCES deck ON DELETE CASCADE,
        email text NOT NULL, may text NOT NULL, until timestamptz, UNIQUE (deck_id, email))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE deck DROP copied_from;
      DELETE FROM deck_author WHERE may <> 'edit';
      ALTER TABLE deck_author DROP may, DROP until;
      DROP TABLE share_look, deck_share, deck_invitation`);
  }
}
