import { ingredientName, type ProblemCode, type Question, type Unread } from '@zymostat/core';
import { upper } from '../figures.ts';
import type { Words } from '../words.ts';

const has = (found: string) => (found ? 'yes' : 'no');

/** What a line is asked, in one sentence. */
export const questionInWords = ({ tell }: Words, code: Question, found: string): string =>
  tell('question', code, { found, has: has(found) });

/** Why a line was not read, and what would be. */
export const problemInWords = ({ tell }: Words, code: ProblemCode, found: string): string =>
  tell('problem', code, { found, has: has(found) });

/** What an unread line says, with what it names all the same. */
export const unreadInWords = (
  words: Words,
  { code, found, names }: Pick<Unread, 'code' | 'found' | 'names'>,
): string => {
  const problem = problemInWords(words, code, found);
  if (names.length === 0) return problem;
  const named = [...new Set(names)].map((id) => ingredientName(id, words.language)).join(', ');
  return upper(words.say('reading.judged-as', { problem, names: named }));
};
