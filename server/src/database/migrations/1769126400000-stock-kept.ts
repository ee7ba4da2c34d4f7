import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How a container is kept; of those that are there nobody has said. */
export class StockKept1769126400000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE stock ADD storage jsonb;');
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE stock DROP storage;');
  }
}
