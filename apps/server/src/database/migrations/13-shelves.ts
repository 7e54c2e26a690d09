/** Units of a library, and where each teacher keeps a deck: in which unit, in the archive. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Shelves1765200000000 implements MigrationInterface {
  name = 'Shelves1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE unit (
        id text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher, name text NOT NULL,
        made_at timestamptz NOT NULL)`);
    await runner.query('CREATE INDEX unit_teacher ON unit (teacher_id)');
    await runner.query(`
      CREATE TABLE deck_shelf (
        teacher_id text NOT NULL REFERENCES teacher, deck_id text NOT NULL REFERENCES deck,
        unit_id text REFERENCES unit ON DELETE SET NULL, archived_at timestamptz,
        PRIMARY KEY (teacher_id, deck_id))`);
    await runner.query('CREATE INDEX deck_shelf_deck ON deck_shelf (deck_id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE deck_shelf');
    await runner.query('DROP TABLE unit');
  }
}
