import type { MigrationInterface, QueryRunner } from 'typeorm';

const INDEX = (kinds: string) => `
  DROP INDEX ledger_round;
  CREATE INDEX ledger_round ON ledger ((body->>'roundId'), seq) WHERE kind IN (${kinds});`;
const BEFORE = "'round-started', 'surface-event', 'wet-time', 'late-event', 'round-finished'";

/**
 * What was told of a surface can be taken back: how surfaces stand is kept with the ids of what was
 * done, and worked out anew from the ledger.
 */
export class Corrections1768348800000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`${INDEX(`${BEFORE}, 'correction'`)} DELETE FROM surface_state;`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`${INDEX(BEFORE)} DELETE FROM surface_state;`);
  }
}
