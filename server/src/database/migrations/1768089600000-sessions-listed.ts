import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Sessions are listed and ended; devices that somebody has signed in on are known again. How often
 * guessing failed is counted in one table for all servers.
 */
export class SessionsListed1768089600000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE session ADD id uuid NOT NULL UNIQUE DEFAULT gen_random_uuid(), ADD opened_at timestamptz NOT NULL DEFAULT now(), ADD device text NOT NULL DEFAULT '';
      CREATE INDEX ON session (person_id);
      CREATE INDEX ON session (expires_at);
      CREATE TABLE known_device (
        token_hash text NOT NULL, person_id uuid NOT NULL REFERENCES person ON DELETE CASCADE, at timestamptz NOT NULL, PRIMARY KEY (token_hash, person_id));
      DROP TABLE sign_in_attempt;
      CREATE TABLE sign_in_limit (key varchar(255) PRIMARY KEY, points integer NOT NULL DEFAULT 0, expire bigint);
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      DROP TABLE sign_in_limit, known_device;
      CREATE TABLE sign_in_attempt (
        id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY, login text NOT NULL, address text NOT NULL, at timestamptz NOT NULL);
      CREATE INDEX ON sign_in_attempt (login, at);
      CREATE INDEX ON sign_in_attempt (address, at);
      ALTER TABLE session DROP id, DROP opened_at, DROP device;
    `);
  }
}
