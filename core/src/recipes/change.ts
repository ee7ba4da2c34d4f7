import type { Active, GenericActive } from '../domain/families.ts';
import { type Formula } from '../solutions/analyseFormula.ts';
import { type MixtureName } from './judgeFormula.ts';

export type ChangeCode =
  | 'leave-out-water'
  | 'leave-out-spoiler'
  | 'only-the-active'
  | 'stronger-stock'
  | 'detergent-for-soap';

/**
 * A change that makes a recipe what it is said to be: the new recipe, what it then is, and how many
 * lines it touches.
 */
export interface Change {
  code: ChangeCode;
  text: string;
  lines: number;
  /** Lines that go, as typed. */
  out: string[];
  formula: Formula;
  name: MixtureName;
  /** Fits a target that can be poured straight from this stock. */
  pour?: { active: GenericActive; stock: number; strength: number; volume: number };
}

/** A stock somebody could pour from: strength as a fraction in the active's basis. */
export interface OnShelf {
  active: Active;
  strength: number;
}

export type Mending =
  | { changes: Change[] }
  | { changes: []; because: 'already' | 'not-read' | 'asked' | 'no-such-active' };
