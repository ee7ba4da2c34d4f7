import type { Product } from '../apart/judgeCombination.ts';
import type { Active } from '../domain/families.ts';
import type { Group } from '../domain/groups.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { ProductId } from '../reference/products.ts';
import type { Asked } from './wetEvents.ts';

/** What other rounds have left on a surface, and whether it is wet by one of them. */
export interface Elsewhere {
  on: readonly string[];
  wet: boolean;
}

/** Another surface of the same room that is wet, and the batches on it. */
export interface Nearby {
  name: string;
  on: readonly string[];
  /** What works by itself on it, as the book counts it. */
  lies: readonly Product[];
}

/**
 * What else bears on an event: the batches there are, what the client keeps, the company's book.
 */
export interface AroundEvent {
  batches: ReadonlyMap<string, Batch>;
  clientKeeps: readonly ProductId[];
  book: Book;
  /** What else is wet in the same room. */
  nearby: readonly Nearby[];
  /**
   * What other rounds of the same home have to do with the surface; a phone that knows of none
   * gives nothing.
   */
  elsewhere?: Elsewhere;
}

/** Whether somebody has measured a batch, and what came of it. */
export type BatchStatus = 'unchecked' | 'verified' | 'set-aside';

/**
 * A bottle in hand: strength as a fraction in the active's basis, `discardAfter` in ms since 1970.
 */
export interface Batch {
  id: string;
  stockId: string;
  active: Active;
  strength: number;
  discardAfter: number;
  status: BatchStatus;
  /** Its reactive groups. */
  groups: readonly Group[];
}

/** What the approved protocol sets for a surface, or nothing where it is only washed. */
export interface Treatment extends Asked {
  /** What is laid on, as the book counts it. */
  puts: readonly Product[];
  /**
   * Something is taken out of the toilet's water first, or the bowl only flushed; and whether it is
   * a toilet at all.
   */
  lifts: boolean;
  flushes: boolean;
  toilet: boolean;
  use: { active: Active; strength: number; stockId: string } | null;
}
