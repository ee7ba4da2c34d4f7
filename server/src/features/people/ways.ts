import type { Body } from '@zymostat/contract';
import type { HouseQuestion } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { append } from '../records/service.ts';
import { changeCompany, type Person } from './service.ts';
import * as store from './store.ts';

type Ways = Body<'setWays'>;

/** Nothing where a company of before has not said. */
const waysOf = ({ name, currency, zone, units }: store.Company): Ways | null =>
  currency === null || zone === null || units === null ? null : { name, currency, zone, units };

/** Changes what the company is called, pays in, lives by and measures in. */
export const setWays = async (
  context: Context,
  ways: Ways,
  { person, seen }: { person: Person; seen: number },
): Promise<null> => {
  await within(context, async (inside) => {
    const { before } = await changeCompany(inside, ways, seen);
    await append(inside, {
      kind: 'company-ways',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      row: { table: 'company', id: before.id },
      body: { ...ways, before: waysOf(before) },
    });
  });
  return null;
};

/** Keeps that somebody has looked at questions of the house, whatever they answered. */
export const answerQuestions = async (
  context: Context,
  questions: readonly HouseQuestion[],
): Promise<null> => {
  await within(context, async (inside) => {
    const company = await store.holdCompany(inside);
    if (!company) throw problems.notFound('company');
    const answered = [...new Set([...company.answered, ...questions])];
    await store.keepAnswered(inside, company.id, answered);
  });
  return null;
};
