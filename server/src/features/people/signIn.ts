import { randomBytes } from 'node:crypto';
import { verify } from '@node-rs/argon2';
import type { SignIn } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { countAttempt, forgetAttempts } from './guessingStore.ts';
import { newToken, openSession, type Device, type From, type SignedIn } from './openSession.ts';
import { hashPassword } from './passwords.ts';
import { hashToken } from './service.ts';
import * as store from './store.ts';

/**
 * An unknown login costs as much time as a wrong password, so that logins cannot be guessed apart.
 */
const noSuchPerson = hashPassword(randomBytes(16).toString('hex'));

const deviceOf = async (
  context: Context,
  person: store.Person | null,
  deviceToken: string | undefined,
): Promise<Device> => {
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
  return within(context, (inside) => openSession(inside, person, { ...device, userAgent }));
};
