import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How a home's rooms were set for a visit is kept with it: the next begins from there. */
export class SettingOfVisits1769817600000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE visit ADD COLUMN setting jsonb');
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE visit DROP COLUMN setting');
  }
}
