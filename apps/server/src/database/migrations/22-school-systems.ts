/** How a school's own systems know classes, students and teachers. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class SchoolSystems1766200000000 implements MigrationInterface {
  name = 'SchoolSystems1766200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE school_class ADD roster jsonb;
      ALTER TABLE student ADD roster_id text NOT NULL DEFAULT '';
      ALTER TABLE teacher ALTER password_hash DROP NOT NULL;
      CREATE TABLE outside_identity (
        id text PRIMARY KEY, issuer text NOT NULL, subject text NOT NULL,
        teacher_id text REFERENCES teacher ON DELETE CASCADE, student_id text REFERENCES student ON DELETE CASCADE,
        CHECK ((teacher_id IS NULL) <> (student_id IS NULL)));
      CREATE UNIQUE INDEX outside_identity_teacher ON outside_identity (issuer, subject) WHERE teacher_id IS NOT NULL;
      CREATE UNIQUE INDEX outside_identity_student ON outside_identity (issuer, subject, student_id)
        WHERE student_id IS NOT NULL;
      CREATE INDEX outside_identity_of_teacher ON outside_identity (teacher_id);
      CREATE INDEX outside_identity_of_student ON outside_identity (student_id);
      CREATE TABLE waiting_arrival (
        token_hash text PRIMARY KEY, issuer text NOT NULL, subject text NOT NULL, email text NOT NULL,
        name text NOT NULL, expires_at timestamptz NOT NULL);
      CREATE TABLE api_token (
        id text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher ON DELETE CASCADE, name text NOT NULL,
        token_hash text NOT NULL UNIQUE, scopes text[] NOT NULL, made_at timestamptz NOT NULL DEFAULT now(),
        expires_at timestamptz NOT NULL, last_used_at timestamptz);
      CREATE INDEX api_token_teacher ON api_token (teacher_id);
      CREATE TABLE tool_key (id text PRIMARY KEY, private_jwk jsonb NOT NULL, made_at timestamptz NOT NULL DEFAULT now());
      CREATE TABLE platform (
        id text PRIMARY KEY, school_id text NOT NULL REFERENCES school ON DELETE CASCADE, name text NOT NULL,
        issuer text NOT NULL, client_id text NOT NULL, deployment_id text NOT NULL,
        sign_in_url text NOT NULL, token_url text NOT NULL, keys_url text NOT NULL,
        added_at timestamptz NOT NULL DEFAULT now());
      CREATE INDEX platform_school ON platform (school_id);
      CREATE TABLE platform_ticket (
        token_hash text PRIMARY KEY, platform_id text NOT NULL REFERENCES platform ON DELETE CASCADE,
        state text NOT NULL, nonce text NOT NULL, claims jsonb NOT NULL, expires_at timestamptz NOT NULL);
      CREATE TABLE platform_course (
        platform_id text NOT NULL REFERENCES platform ON DELETE CASCADE, course text NOT NULL,
        teacher_id text NOT NULL REFERENCES teacher ON DELETE CASCADE,
        class_id text NOT NULL REFERENCES school_class ON DELETE CASCADE,
        PRIMARY KEY (platform_id, course, teacher_id));
      CREATE TABLE platform_choice (
        id text PRIMARY KEY, platform_id text NOT NULL REFERENCES platform ON DELETE CASCADE,
        teacher_id text NOT NULL REFERENCES teacher ON DELETE CASCADE,
        deck_id text REFERENCES deck ON DELETE CASCADE, lesson_id text REFERENCES lesson ON DELETE CASCADE,
        CHECK ((deck_id IS NULL) <> (lesson_id IS NULL)));
      CREATE TABLE platform_link (
        id text PRIMARY KEY, platform_id text NOT NULL REFERENCES platform ON DELETE CASCADE, course text NOT NULL,
        course_title text NOT NULL DEFAULT '', resource text NOT NULL, resource_title text NOT NULL DEFAULT '',
        lesson_id text REFERENCES lesson ON DELETE SET NULL, filling_until timestamptz, line_item text NOT NULL DEFAULT '',
        line_items text NOT NULL DEFAULT '', members_url text NOT NULL DEFAULT '',
        UNIQUE (platform_id, course, resource));
      CREATE INDEX platform_link_lesson ON platform_link (lesson_id);
      CREATE TABLE platform_score (
        link_id text NOT NULL REFERENCES platform_link ON DELETE CASCADE,
        student_id text NOT NULL REFERENCES student ON DELETE CASCADE,
        points double precision NOT NULL, out_of double precision NOT NULL, unmarked int NOT NULL,
        due_at timestamptz, tries int NOT NULL DEFAULT 0, trouble text NOT NULL DEFAULT '', asked_at timestamptz NOT NULL,
        PRIMARY KEY (link_id, student_id));
      CREATE INDEX platform_score_due ON platform_score (due_at) WHERE due_at IS NOT NULL`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE platform_score, platform_link, platform_choice, platform_course, platform_ticket, platform, tool_key,
        api_token;
      DROP TABLE waiting_arrival, outside_identity;
      DELETE FROM teacher WHERE password_hash IS NULL;
      ALTER TABLE teacher ALTER password_hash SET NOT NULL;
      ALTER TABLE student DROP roster_id;
      ALTER TABLE school_class DROP roster`);
  }
}
