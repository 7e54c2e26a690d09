/** The first tables: accounts, decks, classes, lessons and what belongs to them. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class FirstTables1764000000000 implements MigrationInterface {
  name = 'FirstTables1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE teacher (
        id text PRIMARY KEY, email text NOT NULL, name text NOT NULL, password_hash text NOT NULL
      );
      CREATE UNIQUE INDEX teacher_email ON teacher (lower(email));

      CREATE TABLE deck (
        id text PRIMARY KEY, owner_id text NOT NULL REFERENCES teacher,
        updated_at timestamptz NOT NULL, deleted_at timestamptz
      );
      CREATE INDEX deck_owner ON deck (owner_id);
      CREATE TABLE shared_document (
        name text PRIMARY KEY, state bytea NOT NULL, snapshot jsonb NOT NULL, updated_at timestamptz NOT NULL
      );
      CREATE TABLE picture (
        id text PRIMARY KEY, bytes bytea NOT NULL, media_type text NOT NULL, width int NOT NULL, height int NOT NULL
      );
      CREATE TABLE edition (hash text PRIMARY KEY, deck jsonb NOT NULL);

      CREATE TABLE school_class (
        id text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher, name text NOT NULL
      );
      CREATE INDEX school_class_teacher ON school_class (teacher_id);
      CREATE TABLE student (
        id text PRIMARY KEY, class_id text NOT NULL REFERENCES school_class, name text NOT NULL, pin_hash text
      );
      CREATE INDEX student_class ON student (class_id);

      CREATE TABLE lesson (
        id text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher,
        class_id text NOT NULL REFERENCES school_class, edition_hash text NOT NULL REFERENCES edition,
        code text NOT NULL, work_mode text NOT NULL, pace text NOT NULL,
        opened_at timestamptz NOT NULL, closed_at timestamptz
      );
      CREATE UNIQUE INDEX lesson_code ON lesson (code);
      CREATE INDEX lesson_teacher ON lesson (teacher_id);
      CREATE TABLE participant (
        id text PRIMARY KEY, lesson_id text NOT NULL REFERENCES lesson, student_id text NOT NULL REFERENCES student,
        joined_at timestamptz NOT NULL, UNIQUE (lesson_id, student_id)
      );
      CREATE TABLE submission (
        id text PRIMARY KEY, participant_id text NOT NULL REFERENCES participant, number int NOT NULL,
        key text NOT NULL, work jsonb NOT NULL, marks jsonb NOT NULL, edition_hash text NOT NULL REFERENCES edition,
        submitted_at timestamptz NOT NULL, taken_back_at timestamptz,
        UNIQUE (participant_id, number), UNIQUE (participant_id, key)
      );

      CREATE TABLE session (
        token_hash text PRIMARY KEY, teacher_id text REFERENCES teacher, participant_id text REFERENCES participant,
        expires_at timestamptz NOT NULL, CHECK ((teacher_id IS NULL) <> (participant_id IS NULL))
      );
      CREATE TABLE failed_attempt (subject text PRIMARY KEY, count int NOT NULL, last_at timestamptz NOT NULL);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE failed_attempt, session, submission, participant, lesson, student, school_class,
        edition, picture, shared_document, deck, teacher;
    `);
  }
}
