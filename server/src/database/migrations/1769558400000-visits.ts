import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Plans of visits as they were given out: none is changed, a later one counts instead. */
export class Visits1769558400000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE visit (
        id uuid PRIMARY KEY, home_id uuid NOT NULL REFERENCES home,
        version_id uuid NOT NULL REFERENCES protocol_version, starts_at timestamptz NOT NULL,
        problem jsonb NOT NULL, steps jsonb NOT NULL, done int NOT NULL CHECK (done >= 0),
        lower_bound int NOT NULL CHECK (lower_bound BETWEEN 0 AND done),
        sequence int NOT NULL CHECK (sequence >= 0),
        given_by uuid NOT NULL REFERENCES person, given_at timestamptz NOT NULL);
      CREATE INDEX visit_of_home ON visit (home_id, given_at DESC);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE visit CASCADE');
  }
}
