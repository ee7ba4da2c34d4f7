import type { MigrationInterface, QueryRunner } from 'typeorm';

const INDEX = (kinds: string) => `
  DROP INDEX ledger_round;
  CREATE INDEX ledger_round ON ledger ((body->>'roundId'), seq) WHERE kind IN (${kinds});`;
const BEFORE =
  "'round-started', 'surface-event', 'wet-time', 'late-event', 'round-finished', 'correction'";

/** The air of a room is measured in a round: found with what else was told in it. */
export class RoomAir1768608000000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(INDEX(`${BEFORE}, 'air-measured'`));
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(INDEX(BEFORE));
  }
}
