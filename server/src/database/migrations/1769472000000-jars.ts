import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Jars of wipes, baths that something lies in, and clean cloths by zone. */
export class Jars1769472000000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE jar (
        id uuid PRIMARY KEY, number bigint NOT NULL GENERATED ALWAYS AS IDENTITY UNIQUE,
        made_at timestamptz NOT NULL, made_by uuid NOT NULL REFERENCES person,
        made jsonb NOT NULL, cloths_left int NOT NULL CHECK (cloths_left >= 0),
        ended_at timestamptz);
      CREATE TABLE bath (
        id uuid PRIMARY KEY, number bigint NOT NULL GENERATED ALWAYS AS IDENTITY UNIQUE,
        begun_at timestamptz NOT NULL, begun_by uuid NOT NULL REFERENCES person,
        begun jsonb NOT NULL, ended_at timestamptz, ended_by uuid REFERENCES person, came jsonb,
        CHECK ((ended_at IS NULL) = (came IS NULL)));
      CREATE TABLE clean_cloth (zone text PRIMARY KEY, clean int NOT NULL CHECK (clean >= 0));
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE clean_cloth, bath, jar CASCADE');
  }
}
