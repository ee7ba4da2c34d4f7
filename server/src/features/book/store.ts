import type { CompanyRule } from '@zymostat/core';
import { IsNull } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import { CompanyRuleEntity, type CompanyRuleRecord } from './tables.ts';

/** The company's own rules that stand, as one JSON list. */
export const ownRulesView: View = {
  name: 'own_rules',
  select: `SELECT coalesce(json_agg(json_build_object('id', id, 'one', one, 'other', other, 'by', by, 'happens', happens, 'remedy', remedy) ORDER BY position), '[]') AS rules
    FROM company_rule WHERE withdrawn_at IS NULL`,
};

/** What is proved of each row: docs/decisions.md says why these columns. */
export const ruleProof: View = {
  name: 'company_rule_proof',
  select: `SELECT id, jsonb_build_array(id, one, other, by, happens, remedy, (extract(epoch FROM withdrawn_at) * 1000000)::bigint)::text AS text FROM company_rule`,
};

const findRules = prepared<{ rules: CompanyRule[] }>('own rules', 'SELECT rules FROM own_rules');
export const ownRules = async ({ db }: Context): Promise<CompanyRule[]> =>
  (await findRules(db, []))[0]!.rules;

export const addRule = async ({ db }: Context, rule: CompanyRule): Promise<void> =>
  void (await db.insert(CompanyRuleEntity, { ...rule, withdrawnAt: null }));

/** A rule that stands, held for the rest of the transaction. */
export const holdRule = ({ db }: Context, id: string): Promise<CompanyRuleRecord | null> =>
  db.findOne(CompanyRuleEntity, {
    where: { id, withdrawnAt: IsNull() },
    lock: { mode: 'pessimistic_write' },
  });

export const withdrawRule = async ({ db }: Context, id: string, at: Date): Promise<void> =>
  void (await db.update(CompanyRuleEntity, { id }, { withdrawnAt: at }));
