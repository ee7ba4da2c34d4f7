import type { LimeAmount } from '../domain/soils.ts';
import type { Thing } from '../domain/things.ts';
import type { JobRow } from './jobRows.ts';
import type { MaterialId } from './materials.ts';
import { NIGHT } from './soaks.ts';

const minutes = (n: number): number => n * 60;

/** kg/mol. Source: IUPAC standard atomic weights. */
export const LIME_MOLAR = 0.100087;
/** kg/m³ of calcite, the densest that lime can be. Source: mineral tables, from memory. */
export const LIME_DENSITY = 2710;
/** It slows as it goes: this many times what would just do is poured. Source: common practice. */
export const ACID_EXCESS = 2;
/** kg of lime on a m², as people say it. Source: common practice, no source. */
export const limeOn: Record<LimeAmount, number> = { pinch: 0.008, crust: 0.032 };

export const acids = ['vinegar', 'citric'] as const;
export type Acid = (typeof acids)[number];

/** Strengths of an acid that dissolve lime, as fractions w/v: to begin with, least, most. */
export interface AcidSpan {
  usual: number;
  least: number;
  most: number;
}
export const acidSpans: Record<Acid, AcidSpan> = {
  vinegar: { usual: 0.05, least: 0.025, most: 0.06 },
  // Stronger, or hot and strong, drops calcium citrate that clings. Source: common practice.
  citric: { usual: 0.02, least: 0.02, most: 0.05 },
};

/** How a thing is descaled. */
export interface Descaling {
  row: JobRow;
  acids: readonly Acid[];
  /** Strength to begin with; else the acid's own. */
  strength?: Partial<Record<Acid, number>>;
  /** Longest contact whatever it is made of, s. */
  most: number;
  how: 'fill' | 'through' | 'bag' | 'wipe' | 'pour' | 'bowl-on-rack';
  /** Litres that go in whatever the lime, m³: a machine takes what it takes. */
  volume?: number;
  /** Runs of clear water afterwards. */
  clear?: { runs: number; what: 'boils' | 'tanks' | 'cycles' };
  /** Where what is about may be in the same water. */
  beside?: 'bowl' | 'machine' | 'drain';
}

export const descalings: Partial<Record<Thing, Descaling>> = {
  kettle: {
    row: 'kettle',
    acids: ['vinegar', 'citric'],
    strength: { vinegar: 0.025 },
    most: minutes(60),
    how: 'fill',
    clear: { runs: 2, what: 'boils' },
  },
  'drip-coffee': {
    row: 'drip-coffee',
    acids: ['vinegar'],
    strength: { vinegar: 0.025 },
    most: minutes(60),
    how: 'through',
    clear: { runs: 2, what: 'tanks' },
  },
  dishwasher: {
    row: 'machines',
    acids: ['vinegar', 'citric'],
    most: minutes(180),
    how: 'bowl-on-rack',
    volume: 0.25e-3,
    clear: { runs: 1, what: 'cycles' },
    beside: 'machine',
  },
  'washing-machine': {
    row: 'machines',
    acids: ['vinegar', 'citric'],
    most: minutes(180),
    how: 'bowl-on-rack',
    volume: 0.25e-3,
    clear: { runs: 1, what: 'cycles' },
    beside: 'machine',
  },
  'shower-head': {
    row: 'shower-head',
    acids: ['vinegar'],
    most: NIGHT,
    how: 'bag',
    beside: 'drain',
  },
  tap: { row: 'shower-head', acids: ['vinegar'], most: NIGHT, how: 'bag', beside: 'drain' },
  'shower-screen': {
    row: 'shower-screen',
    acids: ['vinegar'],
    strength: { vinegar: 0.025 },
    most: minutes(10),
    how: 'wipe',
    beside: 'drain',
  },
  'toilet-bowl': {
    row: 'toilet-bowl',
    acids: ['vinegar', 'citric'],
    strength: { citric: 0.05 },
    most: NIGHT,
    how: 'pour',
    beside: 'bowl',
  },
};

/** Any other surface with lime or water marks on it: wiped, briefly. */
export const plainDescaling: Descaling = {
  row: 'soil-limescale',
  acids: ['vinegar', 'citric'],
  strength: { vinegar: 0.025 },
  most: minutes(10),
  how: 'wipe',
  beside: 'drain',
};

/** Things that only their maker may have descaled. */
export const makersOnly: readonly Thing[] = ['pressure-coffee'];

/**
 * Longest that acid of these strengths may stay on a material, s; 0 never. What is not listed bears
 * no more than ten minutes. Source: common practice, no source.
 */
const longest: Partial<Record<MaterialId, number>> = {
  'chrome-plate': minutes(60),
  brass: minutes(10),
  nickel: minutes(10),
  'coloured-plate': minutes(10),
  'stainless-steel': NIGHT,
  'hard-plastic': NIGHT,
  silicone: NIGHT,
  porcelain: NIGHT,
  'vitreous-china': NIGHT,
  'glazed-ceramic': minutes(60),
  'sealed-grout': minutes(60),
  glass: minutes(60),
};
/** As long as acid may stay where nobody names a longer time, s. */
export const BRIEFLY = minutes(10);
export const longestOn = (material: MaterialId): number => longest[material] ?? BRIEFLY;
/** Whether a time is named for it: within that it bears acid, though it is rinsed at once after. */
export const isTimed = (material: MaterialId): boolean => longest[material] !== undefined;

/** Metal that bears acid for minutes only, and with care. */
export const metalForMinutes: readonly MaterialId[] = ['brass', 'nickel', 'coloured-plate'];
