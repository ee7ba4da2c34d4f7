import { setImmediate } from 'node:timers/promises';
import type { RuleEffects } from '@zymostat/contract';
import { houseQuestions, reviewOf, type HouseRules } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { theBook } from '../book/service.ts';
import { allSurveys } from '../homes/service.ts';
import { changeCompany, type Person } from '../people/service.ts';
import { append } from '../records/service.ts';
import { stocksAtHand } from '../stock/service.ts';
import { newestProtocols } from './store.ts';

/**
 * What a change of house rules would make untrue, home by home; homes where nothing changes are
 * left out.
 */
export const ruleEffects = async (
  context: Context,
  houseRules: HouseRules,
): Promise<RuleEffects> => {
  const [surveys, stocks, book] = await Promise.all([
    allSurveys(context),
    stocksAtHand(context),
    theBook(context),
  ]);
  const approved = await newestProtocols(context);
  const effects: RuleEffects = [];
  for (const survey of surveys) {
    const newest = approved.get(survey.id);
    if (!newest) continue;
    // Others are answered between two homes: judging all of them at once would hold everybody up.
    await setImmediate();
    const flags = reviewOf(newest.rooms, survey, stocks, {
      rules: houseRules,
      now: context.now(),
      book,
    });
    if (flags.length > 0) effects.push({ homeId: survey.id, homeName: survey.name, flags });
  }
  return effects;
};

/**
 * Changes the house rules, and says what they make untrue. No approved protocol changes by it; the
 * change is on the ledger.
 */
export const setHouseRules = async (
  context: Context,
  houseRules: HouseRules,
  { person, seen }: { person: Person; seen: number },
): Promise<RuleEffects> => {
  const effects = await ruleEffects(context, houseRules);
  await within(context, async (inside) => {
    const { before: company } = await changeCompany(inside, { houseRules }, seen);
    const before = company.houseRules;
    const changes = houseQuestions
      .filter((question) => before[question] !== houseRules[question])
      .map((question) => ({ question, from: before[question], to: houseRules[question] }));
    if (changes.length === 0) return;
    const flagged = effects.reduce((sum, { flags }) => sum + flags.length, 0);
    await append(inside, {
      kind: 'house-rules',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      row: { table: 'company', id: company.id },
      body: { changes, flagged },
    });
  });
  return effects;
};
