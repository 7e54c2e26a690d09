/** Tables for authoring: co-authors, versions of decks, themes of one's own, and who keeps which picture. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Authoring1764100000000 implements MigrationInterface {
  name = 'Authoring1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE deck_author (
        deck_id text NOT NULL REFERENCES deck, teacher_id text NOT NULL REFERENCES teacher,
        PRIMARY KEY (deck_id, teacher_id)
      );
      CREATE INDEX deck_author_teacher ON deck_author (teacher_id);

      CREATE TABLE deck_version (
        id text PRIMARY KEY, deck_id text NOT NULL REFERENCES deck, name text, author_id text REFERENCES teacher,
        made_at timestamptz NOT NULL, deck jsonb NOT NULL
      );
      CREATE INDEX deck_version_deck ON deck_version (deck_id, made_at);

      CREATE TABLE own_theme (
        id text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher, theme jsonb NOT NULL,
        kept_at timestamptz NOT NULL
      );
      CREATE INDEX own_theme_teacher ON own_theme (teacher_id);

      CREATE TABLE picture_keeper (
        picture_id text NOT NULL REFERENCES picture, teacher_id text NOT NULL REFERENCES teacher,
        PRIMARY KEY (picture_id, teacher_id)
      );
      INSERT INTO picture_keeper (picture_id, teacher_id)
        SELECT DISTINCT picture.id, deck.owner_id
        FROM picture
        JOIN shared_document ON shared_document.snapshot::text LIKE '%' || picture.id || '%'
        JOIN deck ON shared_document.name = 'deck:' || deck.id;

      ALTER TABLE picture ADD COLUMN moving boolean NOT NULL DEFAULT false;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE picture DROP COLUMN moving;
      DROP TABLE picture_keeper, own_theme, deck_version, deck_author;
    `);
  }
}
