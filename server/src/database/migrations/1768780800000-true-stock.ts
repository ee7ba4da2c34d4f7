import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What is on the shelf is what the record says: batches draw containers down, and what is told of
 * them is added, never changed.
 */
export class TrueStock1768780800000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE stock ADD "left" float8, ADD opened_at timestamptz, ADD gone_at timestamptz, ADD gone text, ADD lot text, ADD supplier text;
      UPDATE stock SET "left" = greatest(0, volume - coalesce((SELECT sum(stock_volume) FROM batch WHERE stock_id = stock.id), 0)),
        opened_at = (SELECT min(made_at) FROM batch WHERE stock_id = stock.id);
      ALTER TABLE stock ALTER "left" SET NOT NULL;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(
      'ALTER TABLE stock DROP "left", DROP opened_at, DROP gone_at, DROP gone, DROP lot, DROP supplier;',
    );
  }
}
