/** Devices on which somebody has shown who they are: guesses made elsewhere do not lock them out. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class KnownDevices1764900000000 implements MigrationInterface {
  name = 'KnownDevices1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE known_device (
        token_hash text NOT NULL,
        subject text NOT NULL,
        last_at timestamptz NOT NULL DEFAULT now(),
        PRIMARY KEY (token_hash, subject)
      );`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE known_device');
  }
}
