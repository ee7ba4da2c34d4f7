import type { Me } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { editionOf, lastRead, ownRules } from '../book/service.ts';
import { theCompany, type Person } from '../people/service.ts';

/**
 * Who is signed in, their company with its rules, and whether they have read the book as it stands.
 */
export const meOf = async (context: Context, { id, name, role, language }: Person): Promise<Me> => {
  const [
    { name: companyName, emergencyNumber, poisonLine, houseRules, revision },
    own,
    edition,
    readEdition,
  ] = await Promise.all([
    theCompany(context),
    ownRules(context),
    editionOf(context),
    lastRead(context, id),
  ]);
  return {
    person: { id, name, role, language },
    company: {
      name: companyName,
      emergencyNumber,
      poisonLine,
      houseRules,
      ownRules: own,
      edition,
      revision,
    },
    readEdition,
  };
};
