import type { Me } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { editionOf, lastRead, ownRules } from '../book/service.ts';
import { isAnyRound } from '../rounds/service.ts';
import { theCompany, type Person } from '../people/service.ts';

/**
 * Who is signed in, their company with its rules, and whether they have read the book as it stands.
 */
export const meOf = async (context: Context, { id, name, role, language }: Person): Promise<Me> => {
  const [{ name: companyName, answered: _, id: __, ...company }, own, edition, readEdition, begun] =
    await Promise.all([
      theCompany(context),
      ownRules(context),
      editionOf(context),
      lastRead(context, id),
      isAnyRound(context),
    ]);
  return {
    person: { id, name, role, language },
    company: {
      ...company,
      name: companyName,
      ownRules: own,
      edition,
      begun,
    },
    readEdition,
  };
};
