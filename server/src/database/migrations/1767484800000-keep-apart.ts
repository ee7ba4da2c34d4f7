import type { MigrationInterface, QueryRunner } from 'typeorm';

export class KeepApart1767484800000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE surface ADD COLUMN lifts boolean NOT NULL DEFAULT false;

      CREATE TABLE company_rule (
        id uuid PRIMARY KEY, position bigint GENERATED ALWAYS AS IDENTITY, one text NOT NULL, other text NOT NULL, by jsonb NOT NULL CHECK (by <> '{}'), happens text NOT NULL, remedy text NOT NULL,
        withdrawn_at timestamptz);

      CREATE TABLE place (id uuid PRIMARY KEY, position bigint GENERATED ALWAYS AS IDENTITY, kind text NOT NULL CHECK (kind IN ('shelf', 'caddy')), name text NOT NULL UNIQUE);
      -- A container or bottle stands in one place at a time.
      CREATE TABLE place_item (
        id uuid PRIMARY KEY, position bigint GENERATED ALWAYS AS IDENTITY, place_id uuid NOT NULL REFERENCES place ON DELETE CASCADE,
        stock_id uuid UNIQUE REFERENCES stock, bottle_id uuid UNIQUE REFERENCES bottle, kind text, CHECK (num_nonnulls(stock_id, bottle_id, kind) = 1));
      CREATE INDEX ON place_item (place_id);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(
      'DROP TABLE place_item, place, company_rule; ALTER TABLE surface DROP COLUMN lifts',
    );
  }
}
