import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What thing a surface is, what is on it, and how that is lifted. Surfaces of before are just
 * washed, as they were.
 */
export class Soil1769385600000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE surface ADD thing text NOT NULL DEFAULT 'surface',
        ADD soil text NOT NULL DEFAULT 'everyday', ADD loosening jsonb;
      ALTER TABLE surface ALTER thing DROP DEFAULT, ALTER soil DROP DEFAULT;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE surface DROP thing, DROP soil, DROP loosening');
  }
}
