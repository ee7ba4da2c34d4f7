import type { Words } from '../words.ts';

/** What a schema says of a value that does not fit: the code of its check, and what was found. */
export interface Misfit {
  message: string;
  received: string;
  expected?: string | null;
  requirement?: unknown;
}

type Figures = Record<string, string | number>;

/** The figures of a misfit that its message may use. */
export const figuresOfMisfit = ({ expected, received, requirement }: Misfit): Figures => ({
  expected: expected ?? '',
  received,
  requirement: typeof requirement === 'number' ? requirement : '',
});

/** A check without words of its own says what was found and what is allowed. */
export const invalidInWords = (
  { tell, table }: Words,
  code: string,
  figures: Figures = {},
): string => tell('invalid', code in table('invalid') ? code : 'type', figures);

export const misfitInWords = (words: Words, misfit: Misfit): string =>
  invalidInWords(words, misfit.message, figuresOfMisfit(misfit));
