import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Homes count what is changed of them, so that nobody overwrites or approves what they have not
 * seen. Flame is asked three ways, goals and threats are told apart more finely, mildew has an area
 * of its own.
 */
export class WhatWasSeen1767571200000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE home ADD revision integer NOT NULL DEFAULT 0;
      CREATE TABLE home_change (
        home_id uuid NOT NULL REFERENCES home ON DELETE CASCADE, revision integer NOT NULL CHECK (revision > 0), at timestamptz NOT NULL,
        person_id uuid NOT NULL REFERENCES person, subject_id uuid NOT NULL, subject text NOT NULL,
        what text NOT NULL CHECK (what IN ('home', 'room', 'surface', 'setting', 'added', 'removed')), fields jsonb NOT NULL DEFAULT '[]',
        PRIMARY KEY (home_id, revision));

      ALTER TABLE room ALTER flame TYPE text USING CASE WHEN flame THEN 'flame' ELSE 'no' END;
      ALTER TABLE room ADD CHECK (flame IN ('no', 'hob', 'flame', 'unknown'));

      ALTER TABLE surface DROP CONSTRAINT surface_goal_check;
      ALTER TABLE surface ADD CHECK (goal IN ('clean', 'reduce', 'sanitise', 'disinfect'));
      ALTER TABLE surface ADD growth float8 CHECK (growth >= 0);
      UPDATE surface SET against = 'norovirus' WHERE against = 'stomach';

      UPDATE home SET situations = (
        SELECT coalesce(jsonb_agg(DISTINCT now_called), '[]') FROM jsonb_array_elements_text(situations) old,
          LATERAL (SELECT unnest(CASE old WHEN 'pets' THEN ARRAY['cat', 'dog'] WHEN 'birds-fish' THEN ARRAY['bird', 'fish'] ELSE ARRAY[old] END)) split(now_called));
      UPDATE stock SET label = replace(label::text, '"stomach"', '"norovirus"')::jsonb WHERE label IS NOT NULL;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE surface DROP growth;
      ALTER TABLE room DROP CONSTRAINT room_flame_check;
      ALTER TABLE room ALTER flame TYPE boolean USING flame <> 'no';
      DROP TABLE home_change;
      ALTER TABLE home DROP revision;
    `);
  }
}
