import { asAnswered } from '@zymostat/core';
import { In, IsNull, LessThan, MoreThan } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import {
  CompanyEntity,
  PersonEntity,
  KnownDeviceEntity,
  SessionEntity,
  type Company,
  type KnownDevice,
  type Person,
  type Session,
} from './tables.ts';

export type { Company, Person, Session };
export type SignedIn = Person & { expiresAt: Date };

/** What somebody is called, for lists that say who. */
export const personNameView: View = {
  name: 'person_name',
  select: 'SELECT id, name FROM person',
};
/** What is proved of each row: docs/decisions.md says why these columns. */
export const companyProof: View = {
  name: 'company_proof',
  // Companies of before their ways were kept are spoken of without them.
  select: `SELECT id, (jsonb_build_array(id, name, emergency_number, poison_line, house_rules)
    || CASE WHEN currency IS NULL THEN '[]'::jsonb ELSE jsonb_build_array(currency, zone, units) END)::text AS text FROM company`,
};

/** The salt goes when a person leaves: what was hashed of their name can then not be guessed. */
export const personProof: View = {
  name: 'person_proof',
  select: `SELECT id, jsonb_build_array(id, name, role, (extract(epoch FROM left_at) * 1000000)::bigint, salt)::text AS text FROM person`,
};

/** The house rules as they stand. */
export const houseRulesView: View = {
  name: 'house_rules_now',
  select: 'SELECT house_rules FROM company LIMIT 1',
};

const findCompany = prepared<Company>(
  'company',
  'SELECT id, name, emergency_number AS "emergencyNumber", poison_line AS "poisonLine", house_rules AS "houseRules", currency, zone, units, answered, revision FROM company LIMIT 1',
);
/** A company of before has not been asked everything. */
const asNow = (company: Company): Company => ({
  ...company,
  houseRules: asAnswered(company.houseRules),
});
export const companyIn = async ({ db }: Context): Promise<Company | undefined> => {
  const [found] = await findCompany(db, []);
  return found && asNow(found);
};

/** The company, held for the rest of the transaction. */
export const holdCompany = async ({ db }: Context): Promise<Company | null> => {
  const lock = { mode: 'pessimistic_write' as const };
  const found = await db.findOne(CompanyEntity, { where: {}, lock });
  return found && asNow(found);
};

export type CompanyFields = Partial<Omit<Company, 'id' | 'revision' | 'answered'>>;
export const changeCompany = async (
  { db }: Context,
  id: string,
  fields: CompanyFields & Pick<Company, 'revision'>,
): Promise<void> => void (await db.getRepository(CompanyEntity).update({ id }, fields));

/** Keeps which questions of the house somebody has looked at. */
export const keepAnswered = async (
  { db }: Context,
  id: string,
  answered: Company['answered'],
): Promise<void> => void (await db.getRepository(CompanyEntity).update({ id }, { answered }));

export type NewCompany = Omit<Company, 'revision' | 'answered'>;
export const addCompany = async ({ db }: Context, company: NewCompany): Promise<void> =>
  void (await db.getRepository(CompanyEntity).insert({ ...company, answered: [] }));

export const addPeople = async ({ db }: Context, people: readonly Person[]): Promise<void> =>
  void (await db.getRepository(PersonEntity).insert([...people]));

/** Everybody who is or was here. */
export const allPeople = ({ db }: Context): Promise<Person[]> =>
  db.getRepository(PersonEntity).find({ order: { name: 'ASC' } });

export const personById = ({ db }: Context, id: string): Promise<Person | null> =>
  db.getRepository(PersonEntity).findOneBy({ id });

export const personByLogin = ({ db }: Context, login: string): Promise<Person | null> =>
  db.getRepository(PersonEntity).findOneBy({ login });

export const keepLanguage = async (
  { db }: Context,
  id: string,
  language: NonNullable<Person['language']>,
): Promise<void> => void (await db.getRepository(PersonEntity).update({ id }, { language }));

const sessions = ({ db }: Context) => db.getRepository(SessionEntity);

export const openSession = async (context: Context, session: Session): Promise<void> =>
  void (await sessions(context).insert(session));

/** A person's sessions that are not over, the newest first. */
export const sessionsOf = (context: Context, personId: string, now: Date): Promise<Session[]> =>
  sessions(context).find({
    where: { personId, expiresAt: MoreThan(now) },
    order: { openedAt: 'DESC' },
  });

export const sessionById = (context: Context, id: string): Promise<Session | null> =>
  sessions(context).findOneBy({ id });

const tellEnded = prepared<never>('tell ended', `SELECT pg_notify('session', $1)`);
/** Ends sessions, and tells every server so. */
export const closeSessions = async (
  context: Context,
  ended: readonly Pick<Session, 'tokenHash'>[],
): Promise<void> => {
  const hashes = ended.map(({ tokenHash }) => tokenHash);
  await sessions(context).delete({ tokenHash: In(hashes) });
  for (const hash of hashes) await tellEnded(context.db, [hash]);
};

export const forgetSessionsBefore = async (context: Context, now: Date): Promise<void> =>
  void (await sessions(context).delete({ expiresAt: LessThan(now) }));

export const isKnownDevice = async (
  { db }: Context,
  device: Pick<KnownDevice, 'tokenHash' | 'personId'>,
): Promise<boolean> => (await db.countBy(KnownDeviceEntity, device)) > 0;

export const knowDevice = async ({ db }: Context, device: KnownDevice): Promise<void> =>
  void (await db.upsert(KnownDeviceEntity, device, ['tokenHash', 'personId']));

/** A person, held for the rest of the transaction. */
export const holdPerson = ({ db }: Context, id: string): Promise<Person | null> =>
  db.findOne(PersonEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export const changePerson = async (
  { db }: Context,
  id: string,
  fields: Partial<Person>,
): Promise<void> => void (await db.getRepository(PersonEntity).update({ id }, fields));

export const countOfSupervisors = ({ db }: Context): Promise<number> =>
  db.countBy(PersonEntity, { role: 'supervisor', leftAt: IsNull() });

const findSession = prepared<SignedIn>(
  'session',
  'SELECT person.id, name, login, role, password_hash AS "passwordHash", language, expires_at AS "expiresAt" FROM session JOIN person ON person.id = person_id WHERE token_hash = $1',
);
export const sessionOf = async (
  { db }: Pick<Context, 'db'>,
  tokenHash: string,
): Promise<SignedIn | undefined> => (await findSession(db, [tokenHash]))[0];
