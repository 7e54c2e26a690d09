/** Seats: a group is told from a guest by more than its name, and somebody may be removed from a lesson. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Seats1764500000000 implements MigrationInterface {
  name = 'Seats1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE participant ADD COLUMN is_group boolean NOT NULL DEFAULT false, ADD COLUMN removed_at timestamptz;
      UPDATE participant SET is_group = true
        WHERE student_id IS NULL AND id IN (SELECT works_in FROM participant WHERE works_in IS NOT NULL);
      DROP INDEX participant_name;
      CREATE UNIQUE INDEX participant_group ON participant (lesson_id, name) WHERE is_group;
      CREATE UNIQUE INDEX participant_guest ON participant (lesson_id, name)
        WHERE student_id IS NULL AND NOT is_group AND removed_at IS NULL;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP INDEX participant_guest, participant_group;
      DELETE FROM participant WHERE removed_at IS NOT NULL;
      UPDATE participant SET name = name || ' (' || id || ')' WHERE student_id IS NULL AND NOT is_group;
      CREATE UNIQUE INDEX participant_name ON participant (lesson_id, name);
      ALTER TABLE participant DROP COLUMN is_group, DROP COLUMN removed_at;
    `);
  }
}
