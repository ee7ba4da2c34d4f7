import { randomBytes } from 'node:crypto';
import { verify } from '@node-rs/argon2';
import type { SignIn } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { append } from '../records/service.ts';
import { countAttempt, forgetAttempts } from './guessingStore.ts';
import { hashPassword, hashToken, SESSION_MS } from './service.ts';
import * as store from './store.ts';

/** From where somebody signs in. */
export interface From {
  address: string;
  /** What the device keeps since an earlier sign-in, by whomever. */
  deviceToken: string | undefined;
  /** What its browser says it is. */
  userAgent: string;
}

export interface SignedIn {
  token: string;
  deviceToken: string;
  person: store.Person;
}

/**
 * An unknown login costs as much time as a wrong password, so that logins cannot be guessed apart.
 */
const noSuchPerson = hashPassword(randomBytes(16).toString('hex'));

const newToken = (): string => randomBytes(32).toString('base64url');

const MOST_DEVICE = 120;

/** Opens a session and writes down that it was opened. */
const open = async (
  inside: Context,
  person: store.Person,
  { known, userAgent, deviceToken }: Pick<From, 'userAgent'> & Known,
): Promise<SignedIn> => {
  const token = newToken();
  const now = inside.now();
  await store.openSession(inside, {
    tokenHash: hashToken(token),
    personId: person.id,
    openedAt: new Date(now),
    expiresAt: new Date(now + SESSION_MS),
    device: userAgent.slice(0, MOST_DEVICE),
  });
  const at = new Date(now);
  await store.knowDevice(inside, { tokenHash: hashToken(deviceToken), personId: person.id, at });
  await append(inside, {
    kind: 'signed-in',
    factId: inside.newId(),
    at: now,
    home: null,
    person,
    body: { newDevice: !known },
  });
  return { token, deviceToken, person };
};

interface Known {
  known: boolean;
  deviceToken: string;
}

const deviceOf = async (
  context: Context,
  person: store.Person | null,
  deviceToken: string | undefined,
): Promise<Known> => {
  const tokenHash = deviceToken ? hashToken(deviceToken) : null;
  const known =
    tokenHash !== null &&
    person !== null &&
    (await store.isKnownDevice(context, { tokenHash, personId: person.id }));
  return { known, deviceToken: deviceToken ?? newToken() };
};

/**
 * Gives the new session's token, kept only as its hash. Too many failures are made to wait, longer
 * each time; not on a device of theirs by what others do elsewhere.
 */
export const signIn = async (
  context: Context,
  { login: given, password }: SignIn,
  { address, deviceToken, userAgent }: From,
): Promise<SignedIn> => {
  const login = given.toLowerCase();
  const found = await store.personByLogin(context, login);
  const person = found?.leftAt ? null : found;
  const device = await deviceOf(context, person, deviceToken);
  const key = device.known ? `${login} ${hashToken(device.deviceToken)}` : null;
  const guesser = { login, address, device: key };
  await countAttempt(context, guesser);
  const right = await verify(person?.passwordHash ?? (await noSuchPerson), password);
  if (!person || !right) throw problems.signInFailed();
  await forgetAttempts(context, guesser);
  return within(context, (inside) => open(inside, person, { ...device, userAgent }));
};
