import { hash } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import { problems } from '../../platform/http/problems.ts';

const commonest = new Set(dictionary['passwords-common'].map(String));
/** Of fewer different letters nobody makes a password that is hard to guess. */
const FEWEST_LETTERS = 5;

const isCommon = (password: string): boolean =>
  commonest.has(password.toLowerCase()) || new Set(password.toLowerCase()).size < FEWEST_LETTERS;

/**
 * Refuses a password that is among the commonest, or nearly one letter; there are no riddles
 * besides. `path`: the field that it stands in.
 */
export const refuseCommon = (password: string, path: string): void => {
  if (isCommon(password)) throw problems.badRequest([{ path, code: 'common-password' }]);
};

/**
 * Argon2id, the library's default kind, at the strength OWASP's password storage advice names
 * (memory).
 */
export const hashPassword = (password: string): Promise<string> =>
  hash(password, { memoryCost: 19_456, timeCost: 2, parallelism: 1 });
