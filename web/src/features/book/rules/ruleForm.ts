import type { Body } from '@zymostat/contract';
import { groups, type Group, type Route } from '@zymostat/core';
import * as v from 'valibot';
import { someOf, textLine } from '../../../ui/form/lines.ts';

/** A rule of one's own only makes things stricter. */
export const strict = ['care', 'spoils', 'never'] as const;

export interface RuleLines {
  one: Group;
  other: Group | 'anything';
  severity: (typeof strict)[number];
  by: Route[];
  happens: string;
  remedy: string;
}
export type RuleBody = Body<'addRule'>;

/** A rule as it is filled in, read into what is sent: how bad by each route. */
export const ruleForm = v.pipe(
  v.object({
    one: v.picklist(groups),
    other: v.picklist([...groups, 'anything']),
    severity: v.picklist(strict),
    by: someOf<Route>(1),
    happens: textLine,
    remedy: textLine,
  }),
  v.transform(({ by, severity, ...rest }): RuleBody => ({
    ...rest,
    by: Object.fromEntries(by.map((route) => [route, severity])),
  })),
) as v.GenericSchema<RuleLines, RuleBody>;
