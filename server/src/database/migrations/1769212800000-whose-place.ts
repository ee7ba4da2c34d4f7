import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whose a shelf or caddy is, and what belongs there. */
export class WhosePlace1769212800000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`ALTER TABLE place ADD whose text, ADD belongs jsonb NOT NULL DEFAULT '[]';`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE place DROP whose, DROP belongs;');
  }
}
