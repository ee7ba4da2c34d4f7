import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What was read of containers: strips as intervals, densities with their error; only added. */
export class StockRead1768953600000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE stock_reading (
        id uuid PRIMARY KEY, stock_id uuid NOT NULL REFERENCES stock, at timestamptz NOT NULL,
        low float8 NOT NULL, high float8 NOT NULL, error float8 NOT NULL, by text NOT NULL);
      CREATE INDEX ON stock_reading (stock_id, at);
      ALTER TABLE stock ADD received_at timestamptz NOT NULL DEFAULT now();
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE stock_reading; ALTER TABLE stock DROP received_at;');
  }
}
