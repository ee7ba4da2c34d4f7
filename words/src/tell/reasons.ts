import type { Reason } from '@zymostat/core';
import { upper } from '../figures.ts';
import type { Words } from '../words.ts';
import { figuresInWords } from './reasonFigures.ts';

type Tell = (words: Words, figures: Reason['figures']) => Record<string, string | number>;

/** A reason as a sentence. This is the one place where a reason becomes words. */
export const reasonInWords = (words: Words, { code, figures }: Reason): string => {
  const tell = (figuresInWords as Partial<Record<Reason['code'], Tell>>)[code];
  return upper(words.tell('reason', code, tell?.(words, figures) ?? {}));
};

/** All reasons one after another. */
export const reasonsInWords = (words: Words, reasons: readonly Reason[]): string =>
  reasons.map((reason) => reasonInWords(words, reason)).join(' ');
