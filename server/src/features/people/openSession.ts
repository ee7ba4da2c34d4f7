import { randomBytes } from 'node:crypto';
import type { Context } from '../../platform/context.ts';
import { append } from '../records/service.ts';
import { hashToken, SESSION_MS } from './service.ts';
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

/** A device by what it keeps, and whether somebody has signed in on it before. */
export interface Device {
  known: boolean;
  deviceToken: string;
}

export const newToken = (): string => randomBytes(32).toString('base64url');

const MOST_DEVICE = 120;

/** Opens a session and writes down that it was opened. */
export const openSession = async (
  inside: Context,
  person: store.Person,
  { known, userAgent, deviceToken }: Pick<From, 'userAgent'> & Device,
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

/** Opens a session for somebody who has just come in, by a code. */
export const openFirst = (
  inside: Context,
  person: store.Person,
  { deviceToken = newToken(), userAgent }: From,
): Promise<SignedIn> => openSession(inside, person, { known: false, deviceToken, userAgent });
