import { verify } from '@node-rs/argon2';
import type { Answer, Body } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { append } from '../records/service.ts';
import { hashPassword, refuseCommon } from './passwords.ts';
import { hashToken, type Person } from './service.ts';
import * as store from './store.ts';

/** A person's sessions, and which of them asks. */
export const listSessions = async (
  context: Context,
  personId: string,
  token: string | undefined,
): Promise<Answer<'sessions'>> => {
  const own = token === undefined ? '' : hashToken(token);
  const found = await store.sessionsOf(context, personId, new Date(context.now()));
  return found.map(({ id, openedAt, device, tokenHash }) => ({
    id: id!,
    openedAt: openedAt!.getTime(),
    device,
    current: tokenHash === own,
  }));
};

const endThem = async (
  inside: Context,
  ended: readonly store.Session[],
  { personId, person }: { personId: string; person: Person },
): Promise<void> => {
  if (ended.length === 0) return;
  await store.closeSessions(inside, ended);
  await append(inside, {
    kind: 'session-ended',
    factId: inside.newId(),
    at: inside.now(),
    home: null,
    person,
    body: { personId, sessions: ended.length },
  });
};

/** Ends one session: one's own, or anybody's by a supervisor. */
export const endSession = async (context: Context, id: string, person: Person): Promise<null> => {
  await within(context, async (inside) => {
    const session = await store.sessionById(inside, id);
    const may = session && (session.personId === person.id || person.role === 'supervisor');
    if (!may) throw problems.notFound('session');
    await endThem(inside, [session], { personId: session.personId, person });
  });
  return null;
};

/** Keeps somebody's new password, with the fact of it. */
export const keepPassword = async (
  inside: Context,
  person: Person,
  passwordHash: string,
): Promise<void> => {
  await store.changePerson(inside, person.id, { passwordHash });
  await append(inside, {
    kind: 'password-changed',
    factId: inside.newId(),
    at: inside.now(),
    home: null,
    person,
    body: {},
  });
};

/** Chooses a new password: whoever else has signed in by the old one is signed out. */
export const changePassword = async (
  context: Context,
  { now: current, next }: Body<'changePassword'>,
  { person, token }: { person: Person; token: string },
): Promise<null> => {
  const known = await store.personById(context, person.id);
  if (!known || !(await verify(known.passwordHash, current)))
    throw problems.badRequest([{ path: 'now', code: 'wrong-password' }]);
  refuseCommon(next, 'next');
  const passwordHash = await hashPassword(next);
  await within(context, async (inside) => {
    await keepPassword(inside, person, passwordHash);
    const all = await store.sessionsOf(inside, person.id, new Date(0));
    const others = all.filter(({ tokenHash }) => tokenHash !== hashToken(token));
    await endThem(inside, others, { personId: person.id, person });
  });
  return null;
};

/** All sessions of somebody end: they left, or may do something else now. */
export const endAll = async (inside: Context, personId: string, person: Person): Promise<void> =>
  endThem(inside, await store.sessionsOf(inside, personId, new Date(0)), { personId, person });
