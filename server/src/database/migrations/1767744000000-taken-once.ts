import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What somebody sends is taken once, by the key it was sent with. What can be edited by two people
 * counts its revisions.
 */
export class TakenOnce1767744000000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE request_key (
        person_id uuid NOT NULL REFERENCES person ON DELETE CASCADE, key uuid NOT NULL, at timestamptz NOT NULL DEFAULT now(),
        what text NOT NULL, status integer, answer json, PRIMARY KEY (person_id, key));
      CREATE INDEX ON request_key (at);

      ALTER TABLE company ADD revision integer NOT NULL DEFAULT 0;
      ALTER TABLE stock ADD revision integer NOT NULL DEFAULT 0;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE stock DROP revision;
      ALTER TABLE company DROP revision;
      DROP TABLE request_key;
    `);
  }
}
