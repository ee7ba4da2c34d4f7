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

/** Phrases by their words, and how many words the longest has. */
export interface Lexicon {
  phrases: ReadonlyMap<string, Entry>;
  longest: number;
  /** Told apart by their size of letter only. */
  casedUnits: Readonly<Record<string, Unit>>;
  /** A word and what it may be the plural of. */
  singulars: (word: string) => readonly string[];
  /** Names that are written with figures in them, such as h2o2, the longest first. */
  withFigures: readonly string[];
  /** What a misspelt word is compared with: names of ingredients and units. */
  spelled: readonly string[];
}

/** Accents are often left out; a word is the same with and without. */
export const bare = (word: string): string => word.normalize('NFD').replace(/\p{Mn}/gu, '');

const wordsOf = (phrase: string): string =>
  bare(phrase.toLowerCase()).replace(/-/g, ' ').replace(/\s+/g, ' ').trim();

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

export const lexiconOf = (vocabularies: readonly Vocabulary[]): Lexicon => {
  const phrases = new Map<string, Entry>();
  for (const [phrase, entry] of vocabularies.flatMap(entriesOf)) {
    const words = wordsOf(phrase);
    if (words !== '' && !phrases.has(words)) phrases.set(words, entry);
  }
  const names = vocabularies.flatMap(({ ingredients }) => Object.values(ingredients).flat());
  const units = vocabularies.flatMap((one) => one.units.flatMap(({ names: spelled }) => spelled));
  return {
    phrases,
    longest: Math.max(...[...phrases.keys()].map((phrase) => phrase.split(' ').length)),
    casedUnits: Object.assign({}, ...vocabularies.map(({ casedUnits }) => casedUnits)) as Record<
      string,
      Unit
    >,
    singulars: (word) => [...new Set(vocabularies.flatMap((one) => one.singulars(word)))],
    withFigures: names.filter((name) => /\d/.test(name)).sort((a, b) => b.length - a.length),
    spelled: [...new Set([...names, ...units].map(wordsOf).filter((name) => name.length > 3))],
  };
};
