/** The language in which a teacher wants the interface. */
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class AccountLanguage1765300000000 implements MigrationInterface {
  name = 'AccountLanguage1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE teacher ADD COLUMN language text');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE teacher DROP COLUMN language');
  }
}
