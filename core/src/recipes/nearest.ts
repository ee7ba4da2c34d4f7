import { distance } from 'fastest-levenshtein';
import type { Token } from './token.ts';
import type { Lexicon } from './words/lexicon.ts';

/** How many letters may be wrong in a name of that length and still be taken for it. */
const slips = (length: number): number => [4, 9, 16].filter((from) => length >= from).length;
const MOST_WORDS = 4;

interface Hit {
  name: string;
  from: number;
  to: number;
  away: number;
}

/** Nearest name to one run of words, where one is near enough. */
const nearestTo = (
  written: string,
  spelled: readonly string[],
): { name: string; away: number } | undefined => {
  const most = slips(written.length);
  let best: { name: string; away: number } | undefined;
  for (const name of spelled) {
    if (Math.abs(name.length - written.length) > most) continue;
    const away = distance(written, name);
    if (away <= most && (!best || away < best.away)) best = { name, away };
  }
  return best;
};

/**
 * The line with its misspelt words put as the nearest names of ingredients and units, or nothing
 * where none is near enough. Words that are known are put anew only beside one that is not: "rubing
 * alcohol".
 */
export const respelled = (
  line: string,
  tokens: readonly Token[],
  lexicon: Lexicon,
): string | undefined => {
  const hits: Hit[] = [];
  tokens.forEach((token, i) => {
    if (token.kind !== 'unknown' || !/^\p{L}{3,}$/u.test(token.text)) return;
    for (let size = MOST_WORDS; size > 0; size -= 1) {
      for (let from = Math.max(0, i - size + 1); from <= i; from += 1) {
        const run = tokens.slice(from, from + size);
        if (
          run.length < size ||
          run.some(
            ({ kind }) =>
              !['unknown', 'ingredient', 'plain', 'piece', 'handling', 'verb'].includes(kind),
          )
        )
          continue;
        const end = run.at(-1)!.at + run.at(-1)!.text.length;
        const near = nearestTo(
          line
            .slice(run[0]!.at, end)
            .toLowerCase()
            .replace(/[\s-]+/g, ' '),
          lexicon.spelled,
        );
        if (near) hits.push({ ...near, from: run[0]!.at, to: end });
      }
    }
  });
  if (hits.length === 0) return undefined;
  // The longest run first: "isopropil alcohol" is one name, not a wrong word beside a right one.
  const chosen: Hit[] = [];
  for (const hit of [...hits].sort((a, b) => b.to - b.from - (a.to - a.from) || a.away - b.away)) {
    if (!chosen.some((one) => hit.from < one.to && one.from < hit.to)) chosen.push(hit);
  }
  return chosen
    .sort((a, b) => b.from - a.from)
    .reduce((text, { name, from, to }) => `${text.slice(0, from)}${name}${text.slice(to)}`, line);
};
