import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * How each surface stands, kept beside the ledger: what is wet is looked up and not worked out from
 * all that was ever done. The server fills it before it starts, where there are rounds already.
 */
export class WhatIsWet1767916800000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE surface_state (
        home_id uuid NOT NULL REFERENCES home ON DELETE CASCADE, surface_id uuid NOT NULL, wet boolean NOT NULL, state json NOT NULL,
        PRIMARY KEY (home_id, surface_id));
      CREATE INDEX surface_state_wet ON surface_state (home_id) WHERE wet;
      CREATE INDEX round_open ON round (person_id) WHERE finished_at IS NULL;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP INDEX round_open; DROP TABLE surface_state');
  }
}
