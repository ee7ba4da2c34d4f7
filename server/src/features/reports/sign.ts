import { hash, sign, verify, type KeyObject } from 'node:crypto';
import { signedReport, type SignedReport } from '@zymostat/contract';
import * as v from 'valibot';
import { publicKeyFrom } from '../../platform/keys.ts';
import { canonical } from '../records/chain.ts';

/** Digits and letters that nobody takes for one another. */
const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const LENGTH = 12;

/** The code of a report: the same for the same id, and nobody guesses it without the key: 60 bits. */
export const codeOf = (id: string, key: KeyObject): string =>
  [...hash('sha256', sign(null, Buffer.from(`report ${id}`), key), 'buffer').subarray(0, LENGTH)]
    .map((byte) => LETTERS[byte % LETTERS.length])
    .join('');

/** The text that is signed, and its signature in base64. */
export const signReport = (report: SignedReport, key: KeyObject) => {
  const text = canonical(report);
  return { text, signature: sign(null, Buffer.from(text), key).toString('base64') };
};

/** What a signed text says; nothing where it is none. */
export const readSigned = (text: string): SignedReport | null => {
  try {
    const found = v.safeParse(signedReport, JSON.parse(text));
    return found.success ? found.output : null;
  } catch {
    return null;
  }
};

/** Whether a text is signed by the key that it names. */
export const isSigned = (text: string, signature: string): boolean => {
  try {
    const { key } = JSON.parse(text) as SignedReport;
    return verify(null, Buffer.from(text), publicKeyFrom(key), Buffer.from(signature, 'base64'));
  } catch {
    return false;
  }
};
