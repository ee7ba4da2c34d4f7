import type { Bitten, ReasonFigures } from '@zymostat/core';
import { lower, upper } from '../figures.ts';
import type { Words } from '../words.ts';
import { remedyInWords, wordsOfRule } from './rules.ts';

/** A thing on a shelf or in a caddy: a kind by its id, what is ours by its own name or code. */
export const thing = ({ table }: Words, id: string): string =>
  (table('product') as Record<string, string>)[id] ?? id;

/** The same in the middle of a sentence: a code or a name of our own stays as it is written. */
const inSentence = (words: Words, id: string): string =>
  id in words.table('product') ? lower(thing(words, id)) : id;

/**
 * A bite as it is written now. Rows of before hold what lifts it as acts joined by commas, or a
 * company's own words beside the rule.
 */
const asBitten = (figures: Bitten): Bitten => {
  const { rule, remedy, happens } = figures as { rule: string; remedy: unknown; happens?: string };
  if (typeof remedy !== 'string') return figures;
  return happens === undefined
    ? { rule, remedy: remedy === '' ? null : (remedy.split(',') as Bitten['remedy']) }
    : { rule, remedy: null, says: { happens, remedy } };
};

/** What happens when two meet, and what lifts the rule in words of the book. */
export const byRule = (words: Words, figures: Bitten): { happens: string; remedy: string } => {
  const { rule, says } = asBitten(figures);
  const { happens, remedy } = wordsOfRule(words, rule, says);
  return { happens, remedy };
};

/** The same, with what is to be done here to lift it. */
export const byActs = (words: Words, figures: Bitten): { happens: string; remedy: string } => {
  const { remedy, says } = asBitten(figures);
  return { ...byRule(words, figures), ...(says ? {} : { remedy: remedyInWords(words, remedy) }) };
};

/** Two things that must not stand or be carried side by side. */
export const together = (words: Words, f: ReasonFigures['not-side-by-side']) => ({
  one: upper(thing(words, f.a)),
  other: inSentence(words, f.b),
  happens: byRule(words, f).happens,
});
