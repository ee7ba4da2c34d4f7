import type { IngredientId } from '../../reference/ingredients.ts';

/** What an amount may be counted in. Volumes in m³, masses in kg, `count` in drops or parts. */
export type Unit =
  | {
      of: 'volume';
      value: number;
      tool: 'spoon' | 'cup' | 'jug' | 'by eye';
      ounces?: true;
      imperial?: number;
    }
  | { of: 'mass'; value: number }
  | { of: 'drops' }
  | { of: 'parts' };

/** A thing that is counted, and what one of it comes to: m³ or kg. */
export interface Piece {
  /** What one of it is called where it is taken for an amount. */
  called: string;
  ingredient: IngredientId;
  volume?: number;
  mass?: number;
}

/** What "diluted" and "strong" do to the usual strength. */
export type Strong = 'weaker' | 'stronger';

/**
 * The words of one language, one table a kind. Words are in lower case, several words by single
 * spaces, no hyphens. Whoever adds a language fills these tables; the grammar stays.
 */
export interface Vocabulary {
  ingredients: Record<IngredientId, readonly string[]>;
  /** Names that may mean one of several; each with the strength it then has. */
  eitherOf: readonly {
    names: readonly string[];
    of: readonly { id: IngredientId; strength?: number }[];
  }[];
  units: readonly { names: readonly string[]; unit: Unit }[];
  /** Told apart by their size of letter only. */
  casedUnits: Readonly<Record<string, Unit>>;
  qualifiers: Readonly<Record<'imperial' | 'us' | 'heaped' | 'level', readonly string[]>>;
  /** What is no measure, and what it is taken for: m³. */
  vague: readonly { names: readonly string[]; volume: number }[];
  pieces: readonly { names: readonly string[]; piece: Piece }[];
  numbers: Readonly<Record<string, number>>;
  /** "Few" and "several": a number, but only a guess. */
  guesses: Readonly<Record<string, number>>;
  fractions: Readonly<Record<string, number>>;
  strong: Readonly<Record<Strong, readonly string[]>>;
  byWeight: readonly string[];
  byVolume: readonly string[];
  /** Words with a part in the grammar. */
  grammar: Readonly<Record<GrammarWord, readonly string[]>>;
  /** Words that say nothing of what it is: they are read, and left out. */
  plain: readonly string[];
  /** A word and what it may be the plural of. */
  singulars: (word: string) => readonly string[];
}

export const grammarWords = [
  'article',
  'percent',
  'proof',
  'volumes',
  'temperature',
  'vessel',
  'cloth',
  'verb',
  'handling',
  'fill',
  'rest',
  'brim',
  'to',
  'per',
  'each',
  'equal',
  'makes',
  'or',
  'and',
  'plus',
  'with',
  'of',
  'times',
  'juice',
  'full',
  'liquid',
] as const;
export type GrammarWord = (typeof grammarWords)[number];
