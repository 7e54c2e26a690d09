/** Schools, their colleagues and teams, and the decks that are shared with them. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class School1765900000000 implements MigrationInterface {
  name = 'School1765900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE school (id text PRIMARY KEY, name text NOT NULL, made_at timestamptz NOT NULL DEFAULT now());
      CREATE TABLE colleague (
        teacher_id text PRIMARY KEY REFERENCES teacher ON DELETE CASCADE,
        school_id text NOT NULL REFERENCES school ON DELETE CASCADE,
        manages boolean NOT NULL DEFAULT false, since timestamptz NOT NULL DEFAULT now());
      CREATE INDEX colleague_school ON colleague (school_id);
      CREATE TABLE school_invitation (
        id text PRIMARY KEY, token_hash text NOT NULL UNIQUE,
        school_id text NOT NULL REFERENCES school ON DELETE CASCADE,
        by_teacher text REFERENCES teacher ON DELETE SET NULL, email text NOT NULL,
        sent_at timestamptz NOT NULL DEFAULT now(), UNIQUE (school_id, email));
      CREATE TABLE team (
        id text PRIMARY KEY, school_id text NOT NULL REFERENCES school ON DELETE CASCADE, name text NOT NULL);
      CREATE TABLE team_member (
        team_id text NOT NULL REFERENCES team ON DELETE CASCADE,
        teacher_id text NOT NULL REFERENCES colleague ON DELETE CASCADE, PRIMARY KEY (team_id, teacher_id));
      CREATE INDEX team_member_teacher ON team_member (teacher_id);
      CREATE TABLE deck_team (
        deck_id text NOT NULL REFERENCES deck ON DELETE CASCADE,
        team_id text NOT NULL REFERENCES team ON DELETE CASCADE,
        may text NOT NULL, until timestamptz, PRIMARY KEY (deck_id, team_id));
      CREATE TABLE deck_offer (
        deck_id text PRIMARY KEY REFERENCES deck ON DELETE CASCADE,
        school_id text NOT NULL REFERENCES school ON DELETE CASCADE, may text NOT NULL, until timestamptz,
        subject text NOT NULL, age_from int NOT NULL, age_to int NOT NULL, offered_at timestamptz NOT NULL DEFAULT now());
      CREATE INDEX deck_offer_school ON deck_offer (school_id);
      CREATE VIEW deck_access AS
        SELECT id AS deck_id, owner_id AS teacher_id, 'edit' AS may, 'owner' AS through
          FROM deck WHERE deleted_at IS NULL
        UNION ALL SELECT deck_id, teacher_id, may, 'author' FROM deck_author JOIN deck ON deck.id = deck_id
          WHERE deleted_at IS NULL AND (until IS NULL OR until > now())
        UNION ALL SELECT deck_id, teacher_id, may, 'team' FROM deck_team JOIN team_member USING (team_id)
          JOIN deck ON deck.id = deck_id WHERE deleted_at IS NULL AND (until IS NULL OR until > now())
        UNION ALL SELECT deck_id, teacher_id, may, 'school' FROM deck_offer JOIN colleague USING (school_id)
          JOIN deck ON deck.id = deck_id WHERE deleted_at IS NULL AND (until IS NULL OR until > now())`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP VIEW deck_access;
      DROP TABLE deck_offer, deck_team, team_member, team, school_invitation, colleague, school`);
  }
}
