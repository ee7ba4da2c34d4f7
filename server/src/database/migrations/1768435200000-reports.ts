import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Visit reports as they were signed: the text, the signature, the file that the client holds. */
export class Reports1768435200000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE report (
        code text PRIMARY KEY, round_id uuid NOT NULL REFERENCES round, made_at timestamptz NOT NULL,
        signed text NOT NULL, signature text NOT NULL, pdf bytea NOT NULL);
      CREATE INDEX ON report (round_id);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE report;');
  }
}
