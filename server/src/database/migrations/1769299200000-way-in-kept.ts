import type { MigrationInterface, QueryRunner } from 'typeorm';

/** When rooms may be entered and how often somebody comes; and what was written before. */
export class WayInKept1769299200000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE home_way_in ADD hours text, ADD often text;
      CREATE TABLE home_way_in_before (
        id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
        home_id uuid NOT NULL REFERENCES home ON DELETE CASCADE, at timestamptz NOT NULL,
        person_id uuid NOT NULL REFERENCES person, written jsonb NOT NULL);
      CREATE INDEX ON home_way_in_before (home_id, id);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      DROP TABLE home_way_in_before;
      ALTER TABLE home_way_in DROP hours, DROP often;
    `);
  }
}
