import type { JobRow } from '../reference/jobRows.ts';
import { refusals, type Asker, type Refusal } from '../reference/refusals.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { bare } from './namesIn.ts';
import { english } from './refusedWords/en.ts';
import { spanish } from './refusedWords/es.ts';

/** What this tool does not do, found in what somebody wrote: what, whom to ask, by which words. */
export interface Refused {
  what: Refusal;
  ask: Asker;
  found: string;
  row: JobRow;
}

/** What is refused, as a reason that nobody may put aside. */
export const notAJob = ({ what, ask }: Pick<Refused, 'what' | 'ask'>): Reason =>
  forbidden('not-a-job', 'common practice, no source', { what, ask });

const plain = (text: string): string => bare(text.toLowerCase()).replace(/[-\s]+/g, ' ');

const wordsIn = (text: string): string => ` ${plain(text).replace(/[^\p{L}\p{N}.]+/gu, ' ')} `;

const vocabularies = [english, spanish];
const holders = vocabularies.flatMap((one) => one.holders.map(plain));

/** The longest words first: "child seat straps" before "straps". */
const names = vocabularies
  .flatMap(({ refused }) =>
    (Object.entries(refused) as [Refusal, readonly string[]][]).flatMap(([what, called]) =>
      called.map((name) => ({ what, name, bare: ` ${plain(name)} ` })),
    ),
  )
  .sort((a, b) => b.bare.length - a.bare.length);

/**
 * Whether something that somebody typed is not a job of this tool, in either language; whatever
 * only holds such a thing is a surface. Whom to ask instead is part of the answer. Never throws.
 */
export const refusedIn = (text: string): Refused | null => {
  const words = wordsIn(text);
  if (holders.some((holder) => words.includes(` ${holder} `))) return null;
  const found = names.find((one) => words.includes(one.bare));
  if (!found) return null;
  const { row, ask } = refusals[found.what];
  return { what: found.what, ask, found: found.name, row };
};
