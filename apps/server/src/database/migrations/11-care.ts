/** Caring for what is kept: who did what to whom, whose pages are in kept decks, and what nobody uses any more. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Care1765000000000 implements MigrationInterface {
  name = 'Care1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE audit_entry (
        id bigserial PRIMARY KEY,
        at timestamptz NOT NULL DEFAULT now(),
        act text NOT NULL,
        by_teacher text,
        subject text,
        place text
      );
      CREATE INDEX audit_entry_at ON audit_entry (at);
      CREATE INDEX audit_entry_subject ON audit_entry (subject);

      CREATE TABLE kept_page (
        deck_id text NOT NULL REFERENCES deck ON DELETE CASCADE,
        slide_id text NOT NULL,
        student_id text NOT NULL REFERENCES student ON DELETE CASCADE,
        PRIMARY KEY (deck_id, slide_id)
      );
      CREATE INDEX kept_page_student ON kept_page (student_id);

      CREATE TABLE unused_content (
        content_id text PRIMARY KEY,
        since timestamptz NOT NULL DEFAULT now()
      );`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE unused_content, kept_page, audit_entry');
  }
}
