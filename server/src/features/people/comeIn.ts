import type { Answer, Body } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { isDouble } from '../../platform/database/failures.ts';
import { problems } from '../../platform/http/problems.ts';
import { turnToAppend } from '../records/service.ts';
import { hashCode } from './codes.ts';
import { countAttempt, forgetAttempts } from './guessingStore.ts';
import { seenOf, tellInvitation } from './invitations.ts';
import * as invitations from './invitationStore.ts';
import { openFirst, type From, type SignedIn } from './openSession.ts';
import { hashPassword, refuseCommon } from './passwords.ts';
import { theCompany } from './service.ts';
import { endAll, keepPassword } from './sessions.ts';
import { enterPeople, type NewPerson } from './setUp.ts';
import * as store from './store.ts';

type Row = invitations.Invitation;

/** By address alone: nobody who guesses elsewhere holds up whoever has a code. */
const guesserAt = ({ address }: Pick<From, 'address'>) => ({
  login: `invitation ${address}`,
  address,
  device: null,
});

/** What a code is for, for whoever holds it. */
export const seeInvitation = async (
  context: Context,
  code: string,
  from: Pick<From, 'address'>,
): Promise<Answer<'seeInvitation'>> => {
  await countAttempt(context, guesserAt(from));
  const now = new Date(context.now());
  const found = await invitations.invitationByCode(context, hashCode(code), now);
  if (!found) throw problems.notFound('code');
  await forgetAttempts(context, guesserAt(from));
  const { name: company } = await theCompany(context);
  const whose = found.personId && (await store.personById(context, found.personId));
  const { name, role, for: what, expiresAt } = seenOf(found);
  const login = whose ? whose.login : null;
  return { name, role, for: what, expiresAt, company, language: found.language, login };
};

type Accepted = Body<'accept'> & { code: string };

/** Somebody comes in: a new person, as the invitation says. */
const join = async (
  inside: Context,
  { name, role }: Row,
  { login, language, passwordHash }: Pick<NewPerson, 'passwordHash'> & Accepted,
): Promise<store.Person> => {
  if (!login) throw problems.badRequest([{ path: 'login', code: 'write-something' }]);
  if (await store.personByLogin(inside, login)) throw problems.conflict('login-taken', { login });
  const person = { id: inside.newId(), name, login, role, passwordHash, language };
  await enterPeople(inside, [person], person);
  return person;
};

/** Somebody who is here chooses a new password: all their sessions end. */
const choose = async (
  inside: Context,
  personId: string,
  { language, passwordHash }: Pick<NewPerson, 'passwordHash'> & Pick<Accepted, 'language'>,
): Promise<store.Person> => {
  const person = await store.holdPerson(inside, personId);
  if (!person || person.leftAt) throw problems.notFound('code');
  await store.keepLanguage(inside, personId, language);
  await keepPassword(inside, person, passwordHash);
  await endAll(inside, personId, person);
  return { ...person, language };
};

/** Comes in by a code, which counts once, and is signed in. */
export const accept = async (
  context: Context,
  accepted: Accepted,
  from: From,
): Promise<SignedIn> => {
  refuseCommon(accepted.password, 'password');
  await countAttempt(context, guesserAt(from));
  const passwordHash = await hashPassword(accepted.password);
  const work = async (inside: Context) => {
    await turnToAppend(inside);
    const now = new Date(inside.now());
    const found = await invitations.holdByCode(inside, hashCode(accepted.code), now);
    if (!found) throw problems.notFound('code');
    const by = { ...accepted, passwordHash };
    const person = found.personId
      ? await choose(inside, found.personId, by)
      : await join(inside, found, by);
    await invitations.dropInvitation(inside, found.id);
    await tellInvitation(inside, found, 'used', person);
    return openFirst(inside, person, from);
  };
  const signedIn = await within(context, work).catch((error: unknown) => {
    // Two took the same login at once.
    if (isDouble(error)) throw problems.conflict('login-taken', { login: accepted.login ?? '' });
    throw error;
  });
  await forgetAttempts(context, guesserAt(from));
  return signedIn;
};
