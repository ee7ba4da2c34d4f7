import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * A round keeps for how long a coat is known to hold on each of its surfaces. How surfaces stand is
 * worked out anew from the ledger when the server next starts: a look and the
 * clock of a phone count from now on.
 */
export class CoatHolds1768176000000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE round ADD holds jsonb; DELETE FROM surface_state;');
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE round DROP holds; DELETE FROM surface_state;');
  }
}
