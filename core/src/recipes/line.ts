import type { IngredientId } from '../reference/ingredients.ts';
import type { Tool } from '../reference/tools.ts';

/**
 * How much of something. `volume` m³ and `mass` kg with what they are measured with; `drops`
 * counted; `parts` of each other; `share` of the batch by weight or by volume (fraction), where
 * `by` may not have been said; `fill` up to a fraction of the bottle; `top` up to its brim, or `to`
 * a volume (m³).
 */
export type Amount =
  | { kind: 'volume'; value: number; tool: Tool }
  | { kind: 'mass'; value: number; tool: Tool }
  | { kind: 'drops'; value: number }
  | { kind: 'parts'; value: number }
  | { kind: 'share'; value: number; by: 'weight' | 'volume' | null }
  | { kind: 'fill'; value: number }
  | { kind: 'top'; to?: number };

/**
 * One ingredient with its amount; `strength` as a fraction in its basis, absent where none is
 * written.
 */
export interface Item {
  ingredient: IngredientId;
  amount: Amount;
  strength?: number;
  /** What was no measure and was taken for one: the word. */
  assumed?: string;
}

/** Why a line is asked about. */
export const questions = [
  'thousands',
  'which-amount',
  'which-strength',
  'which-ingredient',
  'dilution',
  'per',
  'left-over',
  'nearest',
  'shares-basis',
] as const;
export type Question = (typeof questions)[number];

/** Why a line is not read. */
export const unreadCodes = [
  'no-ingredient',
  'no-amount',
  'no-amount-of-liquid',
  'no-unit',
  'unknown-name',
  'not-positive',
  'over-100',
  'no-proof',
  'no-volumes',
  'no-strength',
  'too-much',
  'range',
  'bottle-size',
  'too-long',
  'too-many',
] as const;
export type UnreadCode = (typeof unreadCodes)[number];

/** Where a piece of the recipe stands: rows and columns from 0, and what is written there. */
export interface At {
  text: string;
  row: number;
  column: number;
}

/** One way to understand a piece: what goes in, and the words that say just that. */
export interface LineReading {
  items: readonly [Item, ...Item[]];
  text: string;
}

/**
 * A piece of a recipe that puts something in. Several readings without a question are the ends of a
 * range.
 */
export type Ingredients = At & {
  kind: 'ingredients';
  readings: readonly [LineReading, ...LineReading[]];
  asks: { code: Question; found: string } | null;
};

/**
 * A piece that could not be read: what was found there, and which ingredients it names all the
 * same.
 */
export type Unread = At & {
  kind: 'unread';
  code: UnreadCode;
  found: string;
  names: readonly IngredientId[];
  /** Words to take instead. */
  offers: readonly string[];
};

export type Line =
  | Ingredients
  | Unread
  /** How large the bottle (m³) or the batch (kg) is. */
  | (At & { kind: 'size'; volume?: number; mass?: number })
  /** What is done with it, or how many cloths it is for: nothing goes in by it. */
  | (At & { kind: 'aside' });

/** What a piece of a line says, before it is put in its place. */
export type Piece =
  | Pick<Ingredients, 'kind' | 'readings' | 'asks'>
  | Pick<Unread, 'kind' | 'code' | 'found' | 'names' | 'offers'>
  | { kind: 'size'; volume?: number; mass?: number }
  | { kind: 'aside' };

export interface Recipe {
  lines: readonly Line[];
}
