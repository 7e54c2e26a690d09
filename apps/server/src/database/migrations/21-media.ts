/** Files in parts, uploads that go on after a break, and how large everything is. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Media1766100000000 implements MigrationInterface {
  name = 'Media1766100000000';

  async up(runner: QueryRunner): Promise<void> {
    // Parts are never packed by the database: media are packed already, and a part is read from its middle.
    await runner.query(`
      CREATE TABLE file_part (
        of text NOT NULL, at bigint NOT NULL, bytes bytea NOT NULL, PRIMARY KEY (of, at));
      ALTER TABLE file_part ALTER bytes SET STORAGE EXTERNAL;
      CREATE TABLE upload (
        id text PRIMARY KEY, teacher_id text NOT NULL REFERENCES teacher ON DELETE CASCADE,
        size bigint NOT NULL, came bigint NOT NULL DEFAULT 0, hash_state bytea,
        file_id text, touched_at timestamptz NOT NULL DEFAULT now());
      CREATE INDEX upload_teacher ON upload (teacher_id);
      ALTER TABLE stored_file RENAME sound_type TO media_type;
      ALTER TABLE stored_file ADD size bigint NOT NULL DEFAULT 0, ADD parts text NOT NULL DEFAULT '';
      UPDATE stored_file SET size = octet_length(bytes), parts = id;
      INSERT INTO file_part (of, at, bytes)
        SELECT id, at, substring(bytes FROM at + 1 FOR 1048576)
        FROM stored_file, generate_series(0, greatest(octet_length(bytes) - 1, 0), 1048576) AS at;
      ALTER TABLE stored_file DROP bytes, ALTER size DROP DEFAULT, ALTER parts DROP DEFAULT;
      ALTER TABLE picture ADD size int GENERATED ALWAYS AS (octet_length(bytes)) STORED`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE picture DROP size;
      ALTER TABLE stored_file ADD bytes bytea;
      UPDATE stored_file SET bytes = (SELECT string_agg(bytes, ''::bytea ORDER BY at) FROM file_part WHERE of = parts);
      ALTER TABLE stored_file ALTER bytes SET NOT NULL, DROP size, DROP parts;
      ALTER TABLE stored_file RENAME media_type TO sound_type;
      DROP TABLE upload, file_part`);
  }
}
