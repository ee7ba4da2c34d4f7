import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Body, SignIn } from '@zymostat/contract';
import type { HouseRules } from '@zymostat/core';
import { LRUCache } from 'lru-cache';
import { LessThan, MoreThan, type EntityManager } from 'typeorm';
import type { Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { problems } from '../../http/problems.ts';
import {
  CompanyEntity,
  PersonEntity,
  SessionEntity,
  SignInAttemptEntity,
  type Company,
  type Person,
} from './entities.ts';

export type { Person };

const SESSION_MS = 14 * 86_400_000;
const WINDOW_MS = 15 * 60_000;
const FAILURES_PER_LOGIN = 5;
const FAILURES_PER_ADDRESS = 30;

/**
 * Argon2id, the library's default kind, at the strength OWASP's password storage advice names
 * (memory).
 */
export const hashPassword = (password: string): Promise<string> =>
  hash(password, { memoryCost: 19_456, timeCost: 2, parallelism: 1 });

const hashToken = (token: string) => createHash('sha256').update(token).digest('hex');

/**
 * An unknown login costs as much time as a wrong password, so that logins cannot be guessed apart.
 */
const noSuchPerson = hashPassword(randomBytes(16).toString('hex'));

export const theCompany = async ({ db }: Context): Promise<Company> => {
  const [company]: Company[] = await db.query(
    'SELECT id, name, emergency_number AS "emergencyNumber", poison_line AS "poisonLine", house_rules AS "houseRules" FROM company LIMIT 1',
  );
  if (!company) throw problems.notFound('company');
  return company;
};

/** Sets the house rules; gives those that stood before. */
export const changeHouseRules = async (
  context: Context,
  houseRules: HouseRules,
): Promise<HouseRules> => {
  const { id, houseRules: before } = await theCompany(context);
  await context.db.getRepository(CompanyEntity).update({ id }, { houseRules });
  return before;
};

export const setNumbers = async (context: Context, numbers: Body<'setNumbers'>): Promise<null> => {
  const { id } = await theCompany(context);
  await context.db.getRepository(CompanyEntity).update({ id }, numbers);
  return null;
};

export const allPeople = ({ db }: Context): Promise<Person[]> =>
  db.getRepository(PersonEntity).find({ order: { name: 'ASC' } });

/**
 * Gives the new session's token, kept only as its hash. Too many failures in a quarter of an hour
 * are refused unheard.
 */
export const signIn = async (
  context: Context,
  { login, password }: SignIn,
  address: string,
): Promise<{ token: string; person: Person }> => {
  const { db, now } = context;
  const attempts = db.getRepository(SignInAttemptEntity);
  const since = MoreThan(new Date(now() - WINDOW_MS));
  const key = login.toLowerCase();
  const [byLogin, byAddress] = await Promise.all([
    attempts.countBy({ login: key, at: since }),
    attempts.countBy({ address, at: since }),
  ]);
  if (byLogin >= FAILURES_PER_LOGIN || byAddress >= FAILURES_PER_ADDRESS)
    throw problems.tooManyAttempts(WINDOW_MS / 60_000);

  const person = await db.getRepository(PersonEntity).findOneBy({ login: key });
  const right = await verify(person?.passwordHash ?? (await noSuchPerson), password);
  if (!person || !right) {
    await attempts.insert({ login: key, address, at: new Date(now()) });
    throw problems.signInFailed();
  }
  await attempts.delete({ at: LessThan(new Date(now() - WINDOW_MS)) });
  const token = randomBytes(32).toString('base64url');
  await db.getRepository(SessionEntity).insert({
    tokenHash: hashToken(token),
    personId: person.id,
    expiresAt: new Date(now() + SESSION_MS),
  });
  return { token, person };
};

type SignedIn = Person & { expiresAt: Date };

const findSession = prepared<SignedIn>(
  'session',
  'SELECT person.id, name, login, role, password_hash AS "passwordHash", language, expires_at AS "expiresAt" FROM session JOIN person ON person.id = person_id WHERE token_hash = $1',
);

/**
 * Who signed in, for some seconds: every request asks. Signing out forgets it, also while it is
 * being looked up.
 */
const signedIn = new LRUCache<string, SignedIn, EntityManager>({
  max: 1000,
  ttl: 10_000,
  ignoreFetchAbort: true,
  fetchMethod: async (tokenHash, _before, { context }) =>
    (await findSession(context, [tokenHash]))[0],
});

export const signOut = async ({ db }: Context, token: string): Promise<void> => {
  const tokenHash = hashToken(token);
  await db.getRepository(SessionEntity).delete({ tokenHash });
  signedIn.delete(tokenHash);
};

/** Keeps in which language somebody wants to read; their open sessions follow. */
export const setLanguage = async (
  { db }: Context,
  { language }: Body<'setLanguage'>,
  { id }: Person,
  token: string,
): Promise<null> => {
  await db.getRepository(PersonEntity).update({ id }, { language });
  signedIn.delete(hashToken(token));
  return null;
};

/** Who calls, or nobody when the session is over. */
export const personOfToken = async (
  { db, now }: Context,
  token: string,
): Promise<Person | null> => {
  const known = await signedIn.fetch(hashToken(token), { context: db });
  return known && known.expiresAt.getTime() > now() ? known : null;
};

/** Names by id, for lists that say who. */
export const personNames = async ({ db }: Context): Promise<Map<string, string>> =>
  new Map((await db.getRepository(PersonEntity).find()).map(({ id, name }) => [id, name]));
