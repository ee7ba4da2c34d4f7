import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Several people work in one round of a home: who begins it is the first of them. */
export class JoinedRounds1768262400000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE round_person (
        round_id uuid NOT NULL REFERENCES round, person_id uuid NOT NULL REFERENCES person, joined_at timestamptz NOT NULL, PRIMARY KEY (round_id, person_id));
      CREATE INDEX ON round_person (person_id);
      INSERT INTO round_person SELECT id, person_id, started_at FROM round;
      CREATE INDEX ON round (home_id) WHERE finished_at IS NULL;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE round_person; DROP INDEX round_home_id_idx;');
  }
}
