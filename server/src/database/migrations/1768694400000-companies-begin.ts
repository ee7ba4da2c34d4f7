import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * A company begins by itself: by a code that whoever starts the server is told, and people come in
 * by codes that run out. Codes are kept as their hashes.
 */
export class CompaniesBegin1768694400000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE company ADD currency text, ADD zone text, ADD units text, ADD answered jsonb NOT NULL DEFAULT '[]';
      CREATE TABLE set_up_code (code_hash text PRIMARY KEY, made_at timestamptz NOT NULL);
      CREATE TABLE invitation (
        id uuid PRIMARY KEY, code_hash text NOT NULL UNIQUE, name text NOT NULL, role text NOT NULL, language text,
        person_id uuid REFERENCES person ON DELETE CASCADE, made_by uuid NOT NULL REFERENCES person ON DELETE CASCADE,
        made_at timestamptz NOT NULL, expires_at timestamptz NOT NULL);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      DROP TABLE invitation, set_up_code;
      ALTER TABLE company DROP currency, DROP zone, DROP units, DROP answered;
    `);
  }
}
