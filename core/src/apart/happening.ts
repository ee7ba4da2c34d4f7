import type { Ventilation } from '../domain/situations.ts';
import { type Act, type Circumstances } from '../reference/neverCombine.ts';
import { type Product } from './judgeCombination.ts';

/**
 * A product put on a surface. What shares a key meets: the same surface, the same drain, the same
 * room's air.
 */
export interface Use {
  kind: 'use';
  id: string;
  product: Product;
  surface: string;
  drain: string;
  room: string;
  /** It is in the toilet's water before anybody comes. */
  inBowl?: Circumstances['inBowl'];
}

/** Something done between uses, at a surface, a drain or a room. */
export interface Doing {
  kind: 'act';
  act: Act;
  at: string;
}

export type Happening = Use | Doing;

/** A room as its air matters: m³, and what can be opened. */
export interface RoomOfSequence {
  volume: number;
  ventilation: Ventilation;
}
