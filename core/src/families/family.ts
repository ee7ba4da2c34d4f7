import type { GenericActive, GenericFamily } from '../domain/families.ts';
import type { Against, Span } from '../domain/goals.ts';
import type { Group } from '../domain/groups.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import type { IngredientId } from '../reference/ingredients.ts';
import type { Antoine } from '../reference/vapours.ts';
import type { Basis } from '../units/strength.ts';
import type { Bearings } from './bearing.ts';

/**
 * Limits in ppm: short-term or ceiling where one is published, over a working day, immediately
 * dangerous; lower explosive limit as a fraction. `stricter` are others' lower figures for the same
 * spans.
 */
export interface AirLimit {
  shortTerm: number | null;
  day: number;
  dangerous: number;
  explosive: number;
  stricter: { shortTerm: number; day: number } | null;
}

/** An active that the tables and models know. */
export interface GenericActiveFacts {
  /** In which basis its strength is given, and its reactive group. */
  basis: Basis;
  group: Group;
  /** The ingredient that a stock of it is. */
  ingredient: IngredientId;
  air: AirLimit;
  antoine: Antoine;
  /** m²/s in air at 25 °C, and J/mol taken up on evaporating. */
  diffusivity: number;
  vaporisation: number;
  /** No evidence supports it against what has no envelope: colds. */
  notForColds?: true;
}

/** How long a batch may be kept, in seconds, and why. */
export interface Keeping {
  seconds: number;
  because:
    | 'diluted-peroxide'
    | 'opened-peroxide'
    | 'diluted-vinegar'
    | 'vinegar-keeps'
    | 'alcohol-in-strength'
    | 'alcohol-weak'
    | 'by-its-date';
  source: string;
}

/** How long a strength inside the span must stay wet: by published evidence, or by the house. */
export interface Time {
  seconds: number;
  by: 'evidence' | 'house-rule';
}

/** Where something that disinfects does so. */
export interface Disinfecting {
  span: (against: Against, rules: HouseRules) => Span;
  time: (strength: number, rules: HouseRules) => Time;
  floorSource: string;
  topSource: string;
  /** Whether the house takes it against mildew. */
  takesMildew: (rules: HouseRules) => boolean;
}

/** All that a family is: what it does, what bears it, how it is kept, checked and put on. */
export interface FamilyFacts<A extends GenericActive> {
  family: GenericFamily;
  /** As what its strength is found in a mixture. */
  foundAs: 'peroxide' | 'alcohol' | 'acid';
  actives: Record<A, GenericActiveFacts>;
  /** In-use strength the trade works at, as a fraction. */
  usualStrength: number;
  bears: Bearings;
  /** Up to which strength that holds; beyond it a material's verdict is one step worse. */
  bearsUpTo: number;
  /** Strongest that may be used to clean with: beyond it a splash blinds or burns. */
  cleaningTop: number;
  disinfecting: Disinfecting | null;
  /** What a film may fall to and still count, as a fraction. */
  filmFloor: (against: Against, rules: HouseRules) => number;
  /** How long a bottled batch keeps; `diluted`: water went in. */
  keeping: (strength: number, diluted: boolean) => Keeping;
  /** What tells its strength on the bench. */
  check: 'strip' | 'density' | null;
  /** What its bottle must be. */
  bottle: { opaque?: true; notPet?: true };
  /** Never weaker than this where somebody's immunity is weak. */
  leastForWeak?: number;
  /** All of it goes into the room's air, wiped or not. */
  driesWhole?: true;
  /** Anywhere inside its span it takes as long. */
  alikeInSpan?: true;
  /** A room is aired after it before those who must not breathe it come back. */
  airedAfter?: true;
}

/** A family whose actives are not told apart. */
export type AnyFamily = Omit<FamilyFacts<GenericActive>, 'actives'> & {
  actives: Partial<Record<GenericActive, GenericActiveFacts>>;
};
