import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What came of verifying the record, each time. */
export class Verified1768003200000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE verification (
        id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY, at timestamptz NOT NULL, rows bigint NOT NULL, seconds float8 NOT NULL,
        broken integer NOT NULL CHECK (broken >= 0), breaks json NOT NULL, unprotected json NOT NULL, head json NOT NULL)`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE verification');
  }
}
