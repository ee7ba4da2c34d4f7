import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The rest of a visit planned anew in a round; what was given before says of no round. */
export class VisitsOfRounds1769644800000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE visit ADD COLUMN round_id uuid REFERENCES round;
      CREATE INDEX visit_of_round ON visit (round_id, given_at DESC) WHERE round_id IS NOT NULL;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE visit DROP COLUMN round_id');
  }
}
