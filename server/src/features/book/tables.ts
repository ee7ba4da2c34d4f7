import type { CompanyRule } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

export interface CompanyRuleRecord extends CompanyRule {
  withdrawnAt: Date | null;
}
export const CompanyRuleEntity = new EntitySchema<CompanyRuleRecord>({
  name: 'company_rule',
  columns: {
    id: { type: 'uuid', primary: true },
    one: { type: 'text' },
    other: { type: 'text' },
    by: { type: 'jsonb' },
    happens: { type: 'text' },
    remedy: { type: 'text' },
    withdrawnAt: { type: 'timestamptz', name: 'withdrawn_at', nullable: true },
  },
});
