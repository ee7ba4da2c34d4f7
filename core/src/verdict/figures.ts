import type { Active, Family, GenericActive } from '../domain/families.ts';
import type { Component } from '../reference/components.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { Act, Rule } from '../reference/neverCombine.ts';

/** Nothing but the code. */
export type Bare = Record<never, never>;

/** A strength as a fraction in the basis of its active. */
export interface Strong {
  strength: number;
  active: GenericActive;
}
/** A strength beside what the evidence covers of its active. */
export interface InSpan {
  strength: number;
  floor: number;
  top: number;
  active: GenericActive | 'sodium hypochlorite';
}
export interface Timed extends Strong {
  seconds: number;
}
/** A strength beside that of the stock it is to come from. */
export interface FromStock {
  strength: number;
  stock: number;
  active: Active;
}
/** A strength beside the one that was wanted. */
export interface Beside {
  strength: number;
  wanted: number;
  active: Active;
}
/** s that one coat is predicted to hold and must; how many more coats, and one every how many s. */
export interface Film {
  holds: number;
  required: number;
  count: number;
  every: number;
}
/** A vapour beside the limit it comes nearest to, ppm; s until one may stay in the room. */
export interface Breathed {
  active: GenericActive;
  family: Family;
  of: 'short' | 'day' | 'danger' | 'fire';
  ppm: number;
  limit: number;
  reentry: number;
}
export interface OnMaterial {
  material: MaterialId;
  family: Family;
}
export interface Families {
  on: Family;
  hand: Family;
}
/**
 * What a rule of the book says of two that meet: the rule, what lifts it (nothing does: null), and
 * the words of a company's own rule.
 */
export interface Bitten {
  rule: string;
  remedy: readonly Act[] | null;
  says?: Rule['says'];
}
/** Two things by their ids or by their own names. */
export interface Two<Id = string> extends Bitten {
  a: Id;
  b: Id;
}
/** Two components, and the fraction of each that the other has used up. */
export interface Spent {
  of: Component;
  with: Component;
  spent: number;
  spentWith: number;
}
