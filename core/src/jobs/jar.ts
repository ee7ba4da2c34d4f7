import type { Active } from '../domain/families.ts';
import type { Against } from '../domain/goals.ts';
import type { ProductLabel } from '../homes/label.ts';
import type { JobRow } from '../reference/jobRows.ts';
import type { RoomAir } from '../reference/roomAir.ts';
import type { VesselKind } from '../reference/wipes.ts';
import type { Verdict } from '../verdict/verdict.ts';
import type { Cloth } from './cloth.ts';

/** What is poured over the cloths: an active at a strength, or washing-up liquid in water. */
export type JarLiquid =
  | { active: Active; strength: number; label?: ProductLabel | null; discardAfter: number | null }
  | { active: null };

export interface JarAsked {
  cloth: Cloth;
  count: number;
  liquid: JarLiquid;
  /** m³, and the area of its mouth, m². */
  vessel: { kind: VesselKind; volume: number; mouth: number };
  /** For how many s things are to be kept wet, and against what. */
  seconds: number;
  against: Against;
  air: RoomAir;
  /** How often a day its lid is off. */
  opened: number;
}

/** What a jar holds and does. Volumes m³, areas m², s. */
export interface Jar extends Verdict {
  dry: number;
  takesUp: number;
  pour: number;
  tooDry: number;
  /** What each cloth holds, and gives under the hand: usual, least. */
  holds: number;
  gives: { usual: number; least: number };
  /** How thick a film must be to hold as asked, m; nothing where none is asked or none does. */
  film: number | null;
  /**
   * What one cloth keeps wet for as long as asked: usual, of one that gives least, and usual on the
   * jar's last day, when it is weaker; there nothing where none does by then.
   */
  keepsWet: { usual: number; least: number; last: number | null } | null;
  seconds: number;
  claim: 'cleans' | 'disinfects';
  ready: number;
  keeps: { seconds: number; because: JarEnds };
  /** Strength at the end of each day; nothing where there is nothing to lose. */
  strengths: number[];
  /** What was said of the cloths is from the table, and not from a scale. */
  usual: boolean;
  rows: JobRow[];
}

/** Why a jar goes when it does. */
export const jarEnds = ['month', 'weak', 'week', 'tap-water', 'its-liquid'] as const;
export type JarEnds = (typeof jarEnds)[number];
