import type { GenericActive, GenericFamily } from '../domain/families.ts';
import type { Situation } from '../domain/situations.ts';
import type { Soil } from '../domain/soils.ts';
import type { Thing } from '../domain/things.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { ProductId } from '../reference/products.ts';
import type { Asker, Refusal } from '../reference/refusals.ts';
import type { Cleaner } from '../reference/soilRows.ts';
import type { Bitten } from './figures.ts';

/** In what two things meet beside each other. */
export type MeetsAt = 'bowl' | 'machine' | 'drain' | 'bath' | 'bag' | 'jar';

/** What the code alone says. */
export type JobBareCode =
  | 'jar-vessel-crazes'
  | 'jar-held-bleach'
  | 'jar-not-on-label'
  | 'cotton-binds-quats'
  | 'colours-may-run'
  | 'bath-open'
  | 'softener-clogs'
  | 'solvent-cloths-burn'
  | 'vessel-ended';

/** What the jobs beside spray and wipe say: SI, fractions, codes. */
export interface JobFigures {
  // a jar of wipes
  'jar-cleans-only': { strength: number; floor: number; active: GenericActive };
  'jar-too-small': { volume: number; wanted: number };
  'batch-too-small': { volume: number; wanted: number };
  'cloth-never-holds': { seconds: number };
  'jar-past': { awayAt: number };
  'jar-not-ready': { readyAt: number };
  'jar-short': { left: number; wanted: number };
  // a bath
  'no-such-soak': { thing: Thing; family: GenericFamily };
  'replaced-not-soaked': { thing: Thing };
  'bath-too-weak': { strength: number; floor: number };
  'bath-too-strong': { strength: number; most: number };
  'bath-too-much': { volume: number; most: number };
  'bath-does-not-cover': { load: number; volume: number };
  'under-least': { seconds: number; least: number };
  // what must not stay
  'over-longest': { seconds: number; most: number; material: MaterialId | null };
  'acid-for-minutes': { material: MaterialId; most: number };
  'maker-decides': { thing: Thing };
  'no-such-descaling': { thing: Thing; cleaner: Cleaner };
  'citrate-drops': { strength: number; most: number };
  'alkali-barred': { material: MaterialId };
  'alkali-care': { material: MaterialId };
  'solvent-barred': { material: MaterialId };
  'rust-acid-barred': { material: MaterialId };
  'ratio-outside': { cleaner: Cleaner; ratio: number; least: number; most: number };
  'does-not-lift': { cleaner: Cleaner; soil: Soil };
  'lies-near': Bitten & { surface: string };
  'meets-about': Bitten & { keeps: ProductId; at: MeetsAt };
  // scent, cloths and powders
  'solubiliser-short': { parts: number; least: number };
  'scent-too-much': { share: number; most: number };
  'scent-with': { situation: Situation };
  'oil-old': { seconds: number; most: number };
  'wash-too-cold': { temperature: number; least: number };
  'worn-out': { washes: number; most: number };
  'not-a-job': { what: Refusal; ask: Asker };
}
