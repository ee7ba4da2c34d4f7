import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Bench1767312000000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE stock ADD COLUMN price_per_litre float8 CHECK (price_per_litre >= 0);
      ALTER TABLE batch
        ADD COLUMN status text NOT NULL DEFAULT 'unchecked' CHECK (status IN ('unchecked', 'verified', 'set-aside')),
        ADD COLUMN measured float8 CHECK (measured >= 0 AND measured <= 1),
        ADD COLUMN weighed jsonb,
        ADD CHECK (status = 'unchecked' OR measured IS NOT NULL);

      CREATE TABLE bottle (
        id uuid PRIMARY KEY, number bigint GENERATED ALWAYS AS IDENTITY, material text NOT NULL CHECK (material IN ('glass', 'HDPE', 'PET')),
        opaque boolean NOT NULL, volume float8 NOT NULL CHECK (volume > 0));
      CREATE TABLE bottle_event (
        id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY, bottle_id uuid NOT NULL REFERENCES bottle, at timestamptz NOT NULL, person_id uuid NOT NULL REFERENCES person,
        did text NOT NULL CHECK (did IN ('filled', 'washed')), batch_id uuid REFERENCES batch, CHECK ((did = 'filled') = (batch_id IS NOT NULL)));
      CREATE INDEX ON bottle_event (bottle_id, id);
      CREATE TRIGGER bottle_event_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON bottle_event EXECUTE FUNCTION refuse_change();

      CREATE TABLE recipe (id uuid PRIMARY KEY, name text NOT NULL);
      CREATE UNIQUE INDEX ON recipe (lower(name));
      CREATE TABLE recipe_version (
        recipe_id uuid NOT NULL REFERENCES recipe, number integer NOT NULL CHECK (number > 0), claim text NOT NULL CHECK (claim IN ('disinfect', 'clean', 'descale')),
        text text NOT NULL, saved_at timestamptz NOT NULL, saved_by uuid NOT NULL REFERENCES person, PRIMARY KEY (recipe_id, number));
      CREATE TRIGGER recipe_version_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON recipe_version EXECUTE FUNCTION refuse_change();
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      DROP TABLE recipe_version, recipe, bottle_event, bottle;
      ALTER TABLE batch DROP COLUMN status, DROP COLUMN measured, DROP COLUMN weighed;
      ALTER TABLE stock DROP COLUMN price_per_litre;
    `);
  }
}
