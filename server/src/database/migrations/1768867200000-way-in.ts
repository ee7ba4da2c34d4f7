import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * How somebody gets into a home, kept apart from what everybody reads of it; and homes that are not
 * worked in any more, which stay on record.
 */
export class WayIn1768867200000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE home ADD archived_at timestamptz;
      CREATE TABLE home_way_in (
        home_id uuid PRIMARY KEY REFERENCES home ON DELETE CASCADE, address text, door text, contact text, notes text);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE home_way_in; ALTER TABLE home DROP archived_at;');
  }
}
