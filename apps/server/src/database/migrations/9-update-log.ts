/** The log of changes to shared documents, each written before anybody is told that it is saved. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class UpdateLog1764800000000 implements MigrationInterface {
  name = 'UpdateLog1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE document_update (
        id bigserial PRIMARY KEY,
        name text NOT NULL,
        bytes bytea NOT NULL,
        made_at timestamptz NOT NULL DEFAULT now()
      );
      CREATE INDEX document_update_name ON document_update (name, id);`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE document_update');
  }
}
