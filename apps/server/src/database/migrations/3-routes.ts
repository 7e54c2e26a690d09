/** Tables for routes: files that links lead to, kept like pictures. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Routes1764200000000 implements MigrationInterface {
  name = 'Routes1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE stored_file (id text PRIMARY KEY, sound_type text, bytes bytea NOT NULL);

      ALTER TABLE picture_keeper RENAME TO content_keeper;
      ALTER TABLE content_keeper RENAME COLUMN picture_id TO content_id;
      ALTER TABLE content_keeper DROP CONSTRAINT picture_keeper_picture_id_fkey;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DELETE FROM content_keeper WHERE content_id NOT IN (SELECT id FROM picture);
      ALTER TABLE content_keeper
        ADD CONSTRAINT picture_keeper_picture_id_fkey FOREIGN KEY (content_id) REFERENCES picture;
      ALTER TABLE content_keeper RENAME COLUMN content_id TO picture_id;
      ALTER TABLE content_keeper RENAME TO picture_keeper;
      DROP TABLE stored_file;
    `);
  }
}
