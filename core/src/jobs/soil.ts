import type { Product } from '../apart/judgeCombination.ts';
import type { Flame, Situation, Ventilation } from '../domain/situations.ts';
import type { Soil } from '../domain/soils.ts';
import type { Loosening } from '../homes/home.ts';
import type { Thing } from '../domain/things.ts';
import type { JobRow } from '../reference/jobRows.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { ProductId } from '../reference/products.ts';
import type { SoakClaim } from '../reference/soaks.ts';
import type { Cleaner, NotOnSoil } from '../reference/soilRows.ts';
import type { Verdict } from '../verdict/verdict.ts';
import { onlyIf, plain, type JobStep } from './jobStep.ts';

/** s that something works by itself: no shorter for what is claimed of it, and no longer ever. */
export interface Lies {
  least: number;
  most: number | null;
}

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
  lies: Lies | null;
  lime: { mass: number; just: number; poured: number } | null;
  claim: SoakClaim;
  steps: JobStep[];
  /** What is put on, as the book counts it. */
  puts: Product[];
  /** What is never used on it. */
  not: NotOnSoil[];
  rows: JobRow[];
}

/** A job that puts nothing on. */
export const nothingPut = { cleaners: [], lies: null, lime: null, puts: [], not: [] };

/** What can be opened in the room is. */
export const airSteps = ({ ventilation }: Pick<SoilAsked, 'ventilation'>): JobStep[] => [
  ...onlyIf(ventilation === 'window', ...plain('open-window')),
  ...onlyIf(ventilation === 'fan', ...plain('fan-on')),
];
