import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Photos of homes and of containers' labels; of one that was taken out, who did and when stays. */
export class Photos1769040000000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE photo (
        id uuid PRIMARY KEY, home_id uuid REFERENCES home ON DELETE CASCADE,
        stock_id uuid REFERENCES stock, says text, image bytea,
        width integer NOT NULL, height integer NOT NULL, at timestamptz NOT NULL,
        person_id uuid NOT NULL REFERENCES person, out_at timestamptz,
        out_by uuid REFERENCES person,
        CHECK (num_nonnulls(home_id, stock_id) = 1),
        CHECK ((image IS NULL) = (out_at IS NOT NULL)));
      CREATE INDEX ON photo (home_id);
      CREATE INDEX ON photo (stock_id);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE photo;');
  }
}
