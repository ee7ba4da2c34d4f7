import type { HouseRules } from '@zymostat/core';
import { LessThan, MoreThan } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import {
  CompanyEntity,
  PersonEntity,
  SessionEntity,
  SignInAttemptEntity,
  type Company,
  type Person,
} from './tables.ts';

export type { Company, Person };
export type SignedIn = Person & { expiresAt: Date };

/** What somebody is called, for lists that say who. */
export const personNameView: View = {
  name: 'person_name',
  select: 'SELECT id, name FROM person',
};
/** The house rules as they stand. */
export const houseRulesView: View = {
  name: 'house_rules_now',
  select: 'SELECT house_rules FROM company LIMIT 1',
};

const findCompany = prepared<Company>(
  'company',
  'SELECT id, name, emergency_number AS "emergencyNumber", poison_line AS "poisonLine", house_rules AS "houseRules" FROM company LIMIT 1',
);
export const companyIn = async ({ db }: Context): Promise<Company | undefined> =>
  (await findCompany(db, []))[0];

type CompanyFields = Pick<Company, 'emergencyNumber' | 'poisonLine'> | { houseRules: HouseRules };
export const changeCompany = async (
  { db }: Context,
  id: string,
  fields: CompanyFields,
): Promise<void> => void (await db.getRepository(CompanyEntity).update({ id }, fields));

export const allPeople = ({ db }: Context): Promise<Person[]> =>
  db.getRepository(PersonEntity).find({ order: { name: 'ASC' } });

export const personByLogin = ({ db }: Context, login: string): Promise<Person | null> =>
  db.getRepository(PersonEntity).findOneBy({ login });

export const keepLanguage = async (
  { db }: Context,
  id: string,
  language: NonNullable<Person['language']>,
): Promise<void> => void (await db.getRepository(PersonEntity).update({ id }, { language }));

/** How often somebody failed to sign in since a time, by the name given and from that address. */
export const failuresSince = async (
  { db }: Context,
  since: Date,
  { login, address }: { login: string; address: string },
): Promise<{ byLogin: number; byAddress: number }> => {
  const attempts = db.getRepository(SignInAttemptEntity);
  const at = MoreThan(since);
  const [byLogin, byAddress] = await Promise.all([
    attempts.countBy({ login, at }),
    attempts.countBy({ address, at }),
  ]);
  return { byLogin, byAddress };
};

export const noteFailure = async (
  { db }: Context,
  attempt: { login: string; address: string; at: Date },
): Promise<void> => void (await db.getRepository(SignInAttemptEntity).insert(attempt));

export const forgetFailuresBefore = async ({ db }: Context, time: Date): Promise<void> =>
  void (await db.getRepository(SignInAttemptEntity).delete({ at: LessThan(time) }));

export const openSession = async (
  { db }: Context,
  session: { tokenHash: string; personId: string; expiresAt: Date },
): Promise<void> => void (await db.getRepository(SessionEntity).insert(session));

export const closeSession = async ({ db }: Context, tokenHash: string): Promise<void> =>
  void (await db.getRepository(SessionEntity).delete({ tokenHash }));

const findSession = prepared<SignedIn>(
  'session',
  'SELECT person.id, name, login, role, password_hash AS "passwordHash", language, expires_at AS "expiresAt" FROM session JOIN person ON person.id = person_id WHERE token_hash = $1',
);
export const sessionOf = async (
  { db }: Pick<Context, 'db'>,
  tokenHash: string,
): Promise<SignedIn | undefined> => (await findSession(db, [tokenHash]))[0];
