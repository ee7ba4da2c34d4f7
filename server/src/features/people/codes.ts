import { randomInt } from 'node:crypto';
import { sha256 } from '../../platform/sha256.ts';

/** Letters and figures that nobody takes for one another, when they are read out or typed. */
const LETTERS = '23456789abcdefghjkmnpqrstvwxyz';
/** 16 of 30 are 78 bits: nobody guesses one, also without anybody counting. */
const LENGTH = 16;

/** A code that counts once; only its hash is kept. */
export const newCode = (): string =>
  Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');

export const hashCode = (code: string): string => sha256(`code ${code}`);
