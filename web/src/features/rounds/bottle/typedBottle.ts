import type { BatchRow } from '@zymostat/contract';

/** Letters and digits alone, and a number without the noughts before it: "b 0409" is B-409. */
const plain = (text: string): string =>
  text
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '')
    .replace(/^([A-Z]*)0+(?=\d)/, '$1');

/**
 * The bottle whose code somebody has typed or scanned, in whatever way it is written; by its number
 * alone where only one bottle has it.
 */
export const typedBottle = (text: string, rows: readonly BatchRow[]): BatchRow | undefined => {
  const typed = plain(text);
  if (typed === '') return undefined;
  const exact = rows.find(({ code }) => plain(code) === typed);
  if (exact) return exact;
  const byNumber = rows.filter(({ code }) => plain(code).replace(/^[A-Z]+/, '') === typed);
  return byNumber.length === 1 ? byNumber[0] : undefined;
};
