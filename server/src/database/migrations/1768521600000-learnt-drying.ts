import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How many times as fast a room dries as the tables say, where that was learnt and taken over. */
export class LearntDrying1768521600000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`ALTER TABLE room ADD COLUMN drying jsonb NOT NULL DEFAULT '{}'`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE room DROP COLUMN drying');
  }
}
