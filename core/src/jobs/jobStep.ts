import type { JobRow } from '../reference/jobRows.ts';
import type { Cleaner } from '../reference/soilRows.ts';
import type { Acid } from '../reference/descaling.ts';

type Bare = Record<never, never>;

/** So much (m³) of an acid at a strength. */
interface Poured {
  acid: Acid;
  strength: number;
  volume: number;
}
interface Mixed {
  cleaner: Cleaner;
  ratio: number;
}

/** What is done, one code a step, with its figures: m³, fractions, s. */
export interface JobStepFigures {
  gloves: Bare;
  goggles: Bare;
  'fan-on': Bare;
  'open-window': Bare;
  mask: Bare;
  'no-flame': Bare;
  'power-off': Bare;
  'take-tablet-out': Bare;
  flush: Bare;
  'nothing-else-in-it': Bare;
  'castile-never': Bare;
  'cover-stone': Bare;
  absorb: Bare;
  'rinse-water': Bare;
  'bag-waste': Bare;
  'find-damp': Bare;
  'dry-through': Bare;
  'wash-with': Mixed;
  'paste-on': Bare;
  'wipe-on': Mixed;
  'tie-bag': Poured;
  fill: Poured;
  'run-half': Poured;
  'bowl-on-rack': Poured;
  'lower-water': Bare;
  'pour-in': Poured;
  'on-cloth': Mixed;
  'not-boiled-dry': Bare;
  leave: { least: number; most: number | null };
  'take-off': Bare;
  'run-through': Bare;
  'rinse-hard': Bare;
  'rinse-well': Bare;
  brush: Bare;
  scrape: Bare;
  'clear-runs': { runs: number; what: 'boils' | 'tanks' | 'cycles' };
  'dry-cloth': Bare;
  squeegee: Bare;
  'water-only': Bare;
  'two-cloths': Bare;
  'no-sun': Bare;
  'demineralised-water': Bare;
  'hot-water': Bare;
  'trap-out': Bare;
  'soda-in': Bare;
  'water-after': { seconds: number };
  'find-smell': Bare;
  'dish-hides': Bare;
  'spoon-in': { vinegar: number; water: number };
  heat: { seconds: number };
  'door-shut': { seconds: number };
  'hot-inside': Bare;
  'wipe-inside': Bare;
  'fill-bath': { volume: number; strength: number };
  submerge: Bare;
  'cover-bath': Bare;
  'label-bath': Bare;
  'out-of-reach': Bare;
  'once-only': Bare;
  'air-dry': Bare;
  'wash-hot': { temperature: number };
  'hang-dry': Bare;
  replace: Bare;
}
export type JobStepCode = keyof JobStepFigures;

type BareCode = {
  [Code in JobStepCode]: keyof JobStepFigures[Code] extends never ? Code : never;
}[JobStepCode];

type Figured = {
  [Code in Exclude<JobStepCode, BareCode>]: { code: Code; figures: JobStepFigures[Code] };
}[Exclude<JobStepCode, BareCode>];

/** One step and, where it has any, its figures. */
export type JobStep = { code: BareCode; figures?: undefined } | Figured;

/** Steps that follow from a row of the trade, and the rows that they rest on. */
export interface Procedure {
  steps: JobStep[];
  rows: JobRow[];
}

/** Steps without figures. */
export const plain = (...codes: BareCode[]): JobStep[] => codes.map((code) => ({ code }));
/** Steps that hold only under a condition. */
export const onlyIf = (condition: boolean, ...steps: JobStep[]): JobStep[] =>
  condition ? steps : [];
