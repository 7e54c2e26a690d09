/** The pictures of the templates that come along. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Scenes1765400000000 implements MigrationInterface {
  name = 'Scenes1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE scene (name text PRIMARY KEY, drawing text NOT NULL, picture_id text NOT NULL REFERENCES picture)',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE scene');
  }
}
