import type { Product } from '../apart/judgeCombination.ts';
import type { Flame, Situation, Ventilation } from '../domain/situations.ts';
import type { LimeAmount, Soil } from '../domain/soils.ts';
import type { Thing } from '../domain/things.ts';
import type { JobRow } from '../reference/jobRows.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { ProductId } from '../reference/products.ts';
import type { SoakClaim } from '../reference/soaks.ts';
import type { Cleaner } from '../reference/soilRows.ts';
import type { Verdict } from '../verdict/verdict.ts';
import { onlyIf, plain, type JobStep } from './jobStep.ts';

/** What somebody has set of how soil is lifted; what is nothing goes by the table. */
export interface Loosening {
  /** Of the ways there are, which. */
  cleaner: Cleaner | null;
  /** In the cleaner's own unit. */
  ratio: number | null;
  /** s that it is to stay. */
  seconds: number | null;
  lime: LimeAmount | null;
}
export const asTheTableSays: Loosening = { cleaner: null, ratio: null, seconds: null, lime: null };

/** What is on a thing, and what is about it. */
export interface SoilAsked {
  thing: Thing;
  soil: Soil;
  material: MaterialId;
  area: number;
  loosening: Loosening;
  toilet: boolean;
  lifts: boolean;
  situations: readonly Situation[];
  flame: Flame;
  ventilation: Ventilation;
  /** What the client keeps that may be about. */
  keeps: readonly ProductId[];
}

/** How soil is lifted, before anything is kept wet to disinfect. */
export interface SoilJob extends Verdict {
  cleaners: { cleaner: Cleaner; ratio: number }[];
  /** s that it works by itself: looked at after `least`, off by `most` where one is named. */
  lies: { least: number; most: number | null } | null;
  lime: { mass: number; just: number; poured: number } | null;
  claim: SoakClaim;
  steps: JobStep[];
  /** What is put on, as the book counts it. */
  puts: Product[];
  rows: JobRow[];
}

/** A job that puts nothing on. */
export const nothingPut = { cleaners: [], lies: null, lime: null, puts: [] };

/** What can be opened in the room is. */
export const airSteps = ({ ventilation }: Pick<SoilAsked, 'ventilation'>): JobStep[] => [
  ...onlyIf(ventilation === 'window', ...plain('open-window')),
  ...onlyIf(ventilation === 'fan', ...plain('fan-on')),
];
