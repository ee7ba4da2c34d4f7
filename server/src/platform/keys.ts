import {
  createPrivateKey,
  createPublicKey,
  generateKeyPairSync,
  type KeyObject,
} from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

const isThere = (error: unknown): boolean => (error as { code?: string }).code === 'EEXIST';

/** A new Ed25519 key, readable by the server's user only. Of two that start at once, one writes. */
const makeKey = (path: string): void => {
  const { privateKey } = generateKeyPairSync('ed25519');
  const text = privateKey.export({ type: 'pkcs8', format: 'pem' });
  mkdirSync(dirname(path), { recursive: true });
  try {
    writeFileSync(path, text, { mode: 0o600, flag: 'wx' });
  } catch (error) {
    if (!isThere(error)) throw error;
  }
};

const readKey = (path: string): string | null => {
  try {
    return readFileSync(path, 'utf8');
  } catch {
    return null;
  }
};

/** The key that signs the head of the record; made the first time. */
export const signingKey = (path: string): KeyObject => {
  if (readKey(path) === null) makeKey(path);
  return createPrivateKey(readFileSync(path));
};

/** The public half as text: SPKI, base64url. */
export const publicTextOf = (key: KeyObject): string =>
  createPublicKey(key).export({ type: 'spki', format: 'der' }).toString('base64url');

export const publicKeyFrom = (text: string): KeyObject =>
  createPublicKey({ key: Buffer.from(text, 'base64url'), type: 'spki', format: 'der' });
