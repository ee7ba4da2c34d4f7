import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Body, SignIn } from '@zymostat/contract';
import type { HouseRules } from '@zymostat/core';
import { LRUCache } from 'lru-cache';
import type { Context } from '../../platform/context.ts';
import type { Caller } from '../../platform/http/caller.ts';
import { problems } from '../../platform/http/problems.ts';
import * as store from './store.ts';

export type { Caller as Person } from '../../platform/http/caller.ts';
export { allPeople } from './store.ts';

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

export const theCompany = async (context: Context): Promise<store.Company> => {
  const company = await store.companyIn(context);
  if (!company) throw problems.notFound('company');
  return company;
};

/** Sets the house rules; gives those that stood before. */
export const changeHouseRules = async (
  context: Context,
  houseRules: HouseRules,
): Promise<HouseRules> => {
  const { id, houseRules: before } = await theCompany(context);
  await store.changeCompany(context, id, { houseRules });
  return before;
};

export const setNumbers = async (context: Context, numbers: Body<'setNumbers'>): Promise<null> => {
  const { id } = await theCompany(context);
  await store.changeCompany(context, id, numbers);
  return null;
};

/**
 * Gives the new session's token, kept only as its hash. Too many failures in a quarter of an hour
 * are refused unheard.
 */
export const signIn = async (
  context: Context,
  { login, password }: SignIn,
  address: string,
): Promise<{ token: string; person: store.Person }> => {
  const now = context.now();
  const before = new Date(now - WINDOW_MS);
  const who = { login: login.toLowerCase(), address };
  const { byLogin, byAddress } = await store.failuresSince(context, before, who);
  if (byLogin >= FAILURES_PER_LOGIN || byAddress >= FAILURES_PER_ADDRESS)
    throw problems.tooManyAttempts(WINDOW_MS / 60_000);

  const person = await store.personByLogin(context, who.login);
  const right = await verify(person?.passwordHash ?? (await noSuchPerson), password);
  if (!person || !right) {
    await store.noteFailure(context, { ...who, at: new Date(now) });
    throw problems.signInFailed();
  }
  await store.forgetFailuresBefore(context, before);
  const token = randomBytes(32).toString('base64url');
  const expiresAt = new Date(now + SESSION_MS);
  await store.openSession(context, { tokenHash: hashToken(token), personId: person.id, expiresAt });
  return { token, person };
};

/**
 * Who signed in, for some seconds: every request asks. Signing out forgets it, also while it is
 * being looked up.
 */
const signedIn = new LRUCache<string, store.SignedIn, Context>({
  max: 1000,
  ttl: 10_000,
  ignoreFetchAbort: true,
  fetchMethod: (tokenHash, _before, { context }) => store.sessionOf(context, tokenHash),
});

export const signOut = async (context: Context, token: string): Promise<void> => {
  const tokenHash = hashToken(token);
  await store.closeSession(context, tokenHash);
  signedIn.delete(tokenHash);
};

/** Keeps in which language somebody wants to read; their open sessions follow. */
export const setLanguage = async (
  context: Context,
  { language }: Body<'setLanguage'>,
  { id }: Caller,
  token: string,
): Promise<null> => {
  await store.keepLanguage(context, id, language);
  signedIn.delete(hashToken(token));
  return null;
};

/** Who calls, or nobody when the session is over. */
export const personOfToken = async (
  context: Context,
  token: string,
): Promise<store.Person | null> => {
  const known = await signedIn.fetch(hashToken(token), { context });
  return known && known.expiresAt.getTime() > context.now() ? known : null;
};

/** Names by id, for lists that say who. */
export const personNames = async (context: Context): Promise<Map<string, string>> =>
  new Map((await store.allPeople(context)).map(({ id, name }) => [id, name]));
