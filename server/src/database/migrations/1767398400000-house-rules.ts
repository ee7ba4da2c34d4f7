import { cautiousRules } from '@zymostat/core';
import type { MigrationInterface, QueryRunner } from 'typeorm';

export class HouseRules1767398400000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE stock ADD COLUMN label jsonb, ADD CHECK ((active = 'registered product') = (label IS NOT NULL)), ADD CHECK (active <> 'registered product' OR strength = 1);
      ALTER TABLE home ADD COLUMN client_keeps jsonb NOT NULL DEFAULT '[]';
      ALTER TABLE surface DROP CONSTRAINT surface_goal_check, ADD CONSTRAINT surface_goal_check CHECK (goal IN ('clean', 'sanitise', 'disinfect'));
    `);
    // Until now a company's rules were figures that nobody could change: all of them were the
    // cautious ones.
    await q.query('UPDATE company SET house_rules = $1', [JSON.stringify(cautiousRules)]);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE stock DROP COLUMN label;
      ALTER TABLE home DROP COLUMN client_keeps;
      ALTER TABLE surface DROP CONSTRAINT surface_goal_check, ADD CONSTRAINT surface_goal_check CHECK (goal IN ('clean', 'disinfect'));
    `);
  }
}
