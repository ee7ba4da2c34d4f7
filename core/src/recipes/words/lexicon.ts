import { ingredientIds, type IngredientId } from '../../reference/ingredients.ts';
import {
  grammarWords,
  type GrammarWord,
  type Piece,
  type Strong,
  type Unit,
  type Vocabulary,
} from './vocabulary.ts';

/** What a word or phrase is, in one language. */
export type Entry =
  | { kind: 'ingredient'; either: readonly { id: IngredientId; strength?: number }[] }
  | { kind: 'unit'; unit: Unit }
  | { kind: 'qualifier'; is: 'imperial' | 'us' | 'heaped' | 'level' }
  | { kind: 'vague'; volume: number }
  | { kind: 'piece'; piece: Piece }
  | { kind: 'number'; value: number; guess?: true }
  | { kind: 'fraction'; value: number }
  | { kind: 'strong'; how: Strong }
  | { kind: 'basis'; by: 'weight' | 'volume' }
  | { kind: GrammarWord }
  | { kind: 'plain' };

/** A language's phrases by their words, and how many words the longest has. */
export interface Lexicon {
  phrases: ReadonlyMap<string, Entry>;
  longest: number;
  vocabulary: Vocabulary;
  /** Names that are written with figures in them, such as h2o2, the longest first. */
  withFigures: readonly string[];
  /** What a misspelt word is compared with: names of ingredients and units. */
  spelled: readonly string[];
}

const wordsOf = (phrase: string): string =>
  phrase.toLowerCase().replace(/-/g, ' ').replace(/\s+/g, ' ').trim();

/**
 * Puts a vocabulary in the order in which words are looked up; where a phrase stands twice the
 * first one counts.
 */
const entriesOf = (v: Vocabulary): [string, Entry][] => {
  const all = (names: readonly string[], entry: Entry): [string, Entry][] =>
    names.map((name) => [name, entry]);
  const keyed = <K extends string, T>(
    table: Readonly<Record<K, T>>,
    make: (key: K, value: T) => [string, Entry][],
  ) => (Object.entries(table) as [K, T][]).flatMap(([key, value]) => make(key, value));
  return [
    ...v.pieces.flatMap(({ names, piece }) => all(names, { kind: 'piece', piece })),
    ...ingredientIds.flatMap((id) =>
      all(v.ingredients[id], { kind: 'ingredient', either: [{ id }] }),
    ),
    ...v.eitherOf.flatMap(({ names, of }) => all(names, { kind: 'ingredient', either: of })),
    ...v.units.flatMap(({ names, unit }) => all(names, { kind: 'unit', unit })),
    ...v.vague.flatMap(({ names, volume }) => all(names, { kind: 'vague', volume })),
    ...keyed(v.qualifiers, (is, names) => all(names, { kind: 'qualifier', is })),
    ...keyed(v.numbers, (word, value) => [[word, { kind: 'number', value }]]),
    ...keyed(v.guesses, (word, value) => [[word, { kind: 'number', value, guess: true }]]),
    ...keyed(v.fractions, (word, value) => [[word, { kind: 'fraction', value }]]),
    ...keyed(v.strong, (how, names) => all(names, { kind: 'strong', how })),
    ...all(v.byWeight, { kind: 'basis', by: 'weight' }),
    ...all(v.byVolume, { kind: 'basis', by: 'volume' }),
    ...grammarWords.flatMap((kind) => all(v.grammar[kind], { kind })),
    ...all(v.plain, { kind: 'plain' }),
  ];
};

export const lexiconOf = (vocabulary: Vocabulary): Lexicon => {
  const phrases = new Map<string, Entry>();
  for (const [phrase, entry] of entriesOf(vocabulary)) {
    const words = wordsOf(phrase);
    if (words !== '' && !phrases.has(words)) phrases.set(words, entry);
  }
  const names = ingredientIds.flatMap((id) => vocabulary.ingredients[id]);
  const units = vocabulary.units.flatMap(({ names: spelled }) => spelled);
  return {
    phrases,
    vocabulary,
    longest: Math.max(...[...phrases.keys()].map((phrase) => phrase.split(' ').length)),
    withFigures: names.filter((name) => /\d/.test(name)).sort((a, b) => b.length - a.length),
    spelled: [...new Set([...names, ...units].map(wordsOf).filter((name) => name.length > 3))],
  };
};
