import type { Body } from '@zymostat/contract';
import { LRUCache } from 'lru-cache';
import type { Context } from '../../platform/context.ts';
import type { Caller } from '../../platform/http/caller.ts';
import { problems } from '../../platform/http/problems.ts';
import { sha256 } from '../../platform/sha256.ts';
import * as store from './store.ts';

export type { Caller as Person } from '../../platform/http/caller.ts';
export { forgetInvitationsBefore as forgetInvitations } from './invitationStore.ts';
export { allPeople, forgetSessionsBefore as forgetSessions } from './store.ts';

export const SESSION_MS = 14 * 86_400_000;

export const hashToken = sha256;

export const theCompany = async (context: Context): Promise<store.Company> => {
  const company = await store.companyIn(context);
  if (!company) throw problems.notFound('company');
  return company;
};

type CompanyChange = store.CompanyFields;

/** Changes the company as somebody had seen it; gives it as it stood before and stands now. */
export const changeCompany = async (
  inside: Context,
  fields: CompanyChange,
  seen: number,
): Promise<{ before: store.Company; after: store.Company }> => {
  const before = await store.holdCompany(inside);
  if (!before) throw problems.notFound('company');
  if (seen < before.revision) throw problems.conflict('changed-since');
  const change = { ...fields, revision: before.revision + 1 };
  await store.changeCompany(inside, before.id, change);
  return { before, after: { ...before, ...change } };
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
  signedIn.delete(tokenHash);
  await store.closeSessions(context, [{ tokenHash }]);
};

/** What another server has told of a session that ended; of any, where that is not known. */
export const forgetSession = (tokenHash: string | null): void => {
  if (tokenHash === null) signedIn.clear();
  else signedIn.delete(tokenHash);
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
  const hash = hashToken(token);
  // A session that is ended while it is looked up makes the looking fail: it is asked once more.
  const known = await signedIn.fetch(hash, { context }).catch(() => store.sessionOf(context, hash));
  return known && known.expiresAt.getTime() > context.now() ? known : null;
};

/** Names by id, for lists that say who. */
export const personNames = async (context: Context): Promise<Map<string, string>> =>
  new Map((await store.allPeople(context)).map(({ id, name }) => [id, name]));

/** Everybody who works here. */
export const theTeam = async (context: Context): Promise<{ id: string; name: string }[]> =>
  (await store.allPeople(context)).filter(({ leftAt }) => !leftAt);
