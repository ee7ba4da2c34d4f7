import type { Body, Revised } from '@zymostat/contract';
import { enforce, type Objection } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import type { Doer } from '../homes/changes.ts';
import { editHome } from '../homes/service.ts';
import { objectionsInFull, recordRefusal } from './refusal.ts';
import { homeAsItStands } from './store.ts';

/** What the client keeps and what is set for the home do not go together in the toilet's water. */
const bowlObjections = (
  { survey, stocks, houseRules, book }: Awaited<ReturnType<typeof homeAsItStands>>,
  now: number,
): Objection[] =>
  enforce(survey, stocks, { rules: houseRules, now, book }).flatMap((objection) => {
    const reasons = objection.reasons.filter(({ code }) => code === 'meets-in-bowl');
    return reasons.length > 0 ? [{ ...objection, reasons }] : [];
  });

/**
 * Changes a home's survey. What is found there is never refused, being a fact; where it newly bars
 * what is set, that is written down as a combination prevented, and approval and rounds refuse it
 * from now on.
 */
export const surveyHome = async (
  context: Context,
  id: string,
  fields: Body<'editHome'>,
  as: Doer,
): Promise<Revised> => {
  const { now } = context;
  const before = bowlObjections(await homeAsItStands(context, id), now());
  const revised = await editHome(context, id, fields, as);
  const after = await homeAsItStands(context, id);
  const found = bowlObjections(after, now()).filter(({ surfaceId }) =>
    before.every((one) => one.surfaceId !== surfaceId),
  );
  if (found.length === 0) return revised;
  const objections = objectionsInFull(after.survey, found);
  await recordRefusal(context, 'survey', { survey: after.survey, objections }, as.person);
  return revised;
};
