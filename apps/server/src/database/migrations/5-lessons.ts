/** For lessons: their terms, guests and groups, reviews; classes that are put away; what is gone when a lesson is. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Rows that go with what they belong to: table, column, and what that refers to. */
const owned = [
  ['participant', 'lesson_id', 'lesson'],
  ['participant', 'student_id', 'student'],
  ['submission', 'participant_id', 'participant'],
  ['session', 'participant_id', 'participant'],
] as const;

const refer = (rule: string) =>
  owned
    .map(
      ([table, column, to]) => `
      ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_fkey;
      ALTER TABLE ${table} ADD CONSTRAINT ${table}_${column}_fkey FOREIGN KEY (${column}) REFERENCES ${to} ${rule};`,
    )
    .join('');

export class Lessons1764400000000 implements MigrationInterface {
  name = 'Lessons1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE school_class ADD COLUMN archived_at timestamptz;
      ALTER TABLE student ADD COLUMN group_name text NOT NULL DEFAULT '';
      ALTER TABLE lesson ALTER COLUMN class_id DROP NOT NULL,
        ADD COLUMN deck_id text REFERENCES deck ON DELETE SET NULL,
        ADD COLUMN terms jsonb NOT NULL DEFAULT '{}', ADD COLUMN put_in jsonb NOT NULL DEFAULT '[]';
      ALTER TABLE participant ALTER COLUMN student_id DROP NOT NULL,
        ADD COLUMN name text,
        ADD COLUMN works_in text REFERENCES participant ON DELETE CASCADE;
      CREATE UNIQUE INDEX participant_name ON participant (lesson_id, name);
      CREATE TABLE review (
        participant_id text PRIMARY KEY REFERENCES participant ON DELETE CASCADE,
        review jsonb NOT NULL, released_at timestamptz, returned_at timestamptz
      );
      ${refer('ON DELETE CASCADE')}
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ${refer('')}
      DROP TABLE review;
      DELETE FROM participant WHERE student_id IS NULL;
      DELETE FROM lesson WHERE class_id IS NULL;
      DROP INDEX participant_name;
      ALTER TABLE participant DROP COLUMN works_in, DROP COLUMN name, ALTER COLUMN student_id SET NOT NULL;
      ALTER TABLE lesson DROP COLUMN put_in, DROP COLUMN terms, DROP COLUMN deck_id, ALTER COLUMN class_id SET NOT NULL;
      ALTER TABLE student DROP COLUMN group_name;
      ALTER TABLE school_class DROP COLUMN archived_at;
    `);
  }
}
