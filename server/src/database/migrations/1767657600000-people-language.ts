import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Each person reads in a language of their own; nothing until they have chosen. */
export class PeopleLanguage1767657600000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `ALTER TABLE person ADD COLUMN language text CHECK (language IN ('en', 'es'))`,
    );
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE person DROP COLUMN language');
  }
}
