import type { Soil } from '../domain/soils.ts';
import type { JobRow } from './jobRows.ts';
import type { MaterialId } from './materials.ts';
import type { ProductId } from './products.ts';

/** What lifts soil. */
export const cleaners = [
  'water',
  'washing-up-liquid',
  'washing-soda',
  'soda-paste',
  'vinegar',
  'citric',
  'vinegar-and-washing-up-liquid',
  'peroxide',
  'alcohol',
  'enzyme',
] as const;
export type Cleaner = (typeof cleaners)[number];

/** As what of the book each counts, wherever it meets something. */
export const cleanerProducts: Record<Cleaner, readonly ProductId[]> = {
  water: ['water'],
  'washing-up-liquid': ['washing-up-liquid'],
  'washing-soda': ['washing-soda'],
  'soda-paste': ['washing-soda'],
  vinegar: ['vinegar'],
  citric: ['citric-descaler'],
  'vinegar-and-washing-up-liquid': ['vinegar', 'washing-up-liquid'],
  peroxide: ['peroxide-household'],
  alcohol: ['rubbing-alcohol'],
  enzyme: ['washing-up-liquid'],
};

/**
 * How much of a cleaner: to begin with, and its ends. mL or g a litre, a fraction, or parts of
 * vinegar to one of washing-up liquid; `more` is what moving up does.
 */
export interface Ratio {
  unit: 'ml-a-litre' | 'g-a-litre' | 'fraction' | 'parts';
  usual: number;
  least: number;
  most: number;
  more: 'greasier' | 'thicker-lime' | 'glassier' | 'none';
}

const ratio = (
  unit: Ratio['unit'],
  [usual, least, most]: readonly [number, number, number],
  more: Ratio['more'],
): Ratio => ({ unit, usual, least, most, more });

export const cleanerRatios: Record<Cleaner, Ratio> = {
  water: ratio('fraction', [1, 1, 1], 'none'),
  'washing-up-liquid': ratio('ml-a-litre', [5, 5, 30], 'greasier'),
  'washing-soda': ratio('g-a-litre', [10, 5, 10], 'greasier'),
  'soda-paste': ratio('fraction', [1, 1, 1], 'none'),
  vinegar: ratio('fraction', [0.025, 0.025, 0.05], 'thicker-lime'),
  citric: ratio('fraction', [0.02, 0.02, 0.05], 'thicker-lime'),
  'vinegar-and-washing-up-liquid': ratio('parts', [1, 0.5, 2], 'glassier'),
  peroxide: ratio('fraction', [0.03, 0.03, 0.03], 'none'),
  alcohol: ratio('fraction', [0.7, 0.7, 0.9], 'none'),
  enzyme: ratio('ml-a-litre', [5, 5, 30], 'none'),
};

/** What is used on it. */
export const cleaningTools = [
  'damp-microfibre',
  'soft-brush',
  'sponge-cloth',
  'plastic-scraper',
  'bag',
  'cloth',
  'bottle-brush',
  'absorbent-towel',
] as const;
export type CleaningTool = (typeof cleaningTools)[number];

/** What is never used on such soil, whatever the surface. */
export const notsOnSoil = [
  'vinegar-first',
  'scouring',
  'castile-with-vinegar',
  'bleach-sets-rust',
  'two-in-one-drain',
  'bleach-before-rinse',
  'large-areas',
] as const;
export type NotOnSoil = (typeof notsOnSoil)[number];

/** One thing that lifts a soil, what it is used with, and s that it works by itself. */
export interface Lifting {
  cleaner: Cleaner;
  tool: CleaningTool;
  /** To begin with, where it is not the cleaner's own. */
  ratio?: number;
  waits: number;
}

export interface SoilRow {
  row: JobRow;
  /** One after another, rinsed between. */
  lifts: readonly Lifting[];
  not: readonly NotOnSoil[];
}

const MINUTE = 60;

/** Source: common practice, no source. */
export const soilRows: Record<Soil, SoilRow> = {
  everyday: {
    row: 'soil-everyday',
    lifts: [{ cleaner: 'washing-up-liquid', tool: 'damp-microfibre', waits: 0 }],
    not: [],
  },
  grease: {
    row: 'soil-grease',
    lifts: [{ cleaner: 'washing-up-liquid', tool: 'sponge-cloth', ratio: 15, waits: 2 * MINUTE }],
    not: ['vinegar-first'],
  },
  'burnt-on': {
    row: 'soil-burnt-on',
    lifts: [{ cleaner: 'soda-paste', tool: 'plastic-scraper', waits: 30 * MINUTE }],
    not: ['scouring'],
  },
  limescale: {
    row: 'soil-limescale',
    lifts: [{ cleaner: 'vinegar', tool: 'soft-brush', waits: 10 * MINUTE }],
    not: [],
  },
  'soap-film': {
    row: 'soil-soap-film',
    lifts: [
      { cleaner: 'washing-up-liquid', tool: 'sponge-cloth', ratio: 15, waits: 0 },
      { cleaner: 'vinegar', tool: 'sponge-cloth', waits: 5 * MINUTE },
    ],
    not: ['castile-with-vinegar'],
  },
  mildew: {
    row: 'soil-mildew',
    lifts: [
      { cleaner: 'washing-up-liquid', tool: 'soft-brush', waits: 0 },
      { cleaner: 'peroxide', tool: 'cloth', waits: 10 * MINUTE },
    ],
    not: ['large-areas'],
  },
  rust: {
    row: 'soil-rust',
    lifts: [{ cleaner: 'citric', tool: 'soft-brush', ratio: 0.05, waits: 5 * MINUTE }],
    not: ['bleach-sets-rust'],
  },
  sticky: {
    row: 'soil-sticky',
    lifts: [{ cleaner: 'alcohol', tool: 'cloth', waits: MINUTE }],
    not: [],
  },
  smell: {
    row: 'soil-drain',
    lifts: [{ cleaner: 'water', tool: 'bottle-brush', waits: 0 }],
    not: ['two-in-one-drain'],
  },
  body: {
    row: 'soil-body',
    lifts: [{ cleaner: 'enzyme', tool: 'absorbent-towel', waits: 10 * MINUTE }],
    not: ['bleach-before-rinse'],
  },
};

/** s that soda stays in a drain before water follows. Source: common practice, no source. */
export const SODA_IN_DRAIN = 60 * MINUTE;

/** What alkali dulls, stains or eats. Source: common practice; makers’ care advice. */
export const noAlkali: readonly MaterialId[] = [
  'aluminium',
  'anodised-aluminium',
  'non-stick',
  'lacquered-brass',
  'silver',
  'copper',
  'sealed-wood',
  'hardwood-floor',
  'unsealed-wood',
  'bamboo-rattan',
  'cork',
  'leather',
  'linoleum-waxed',
  'coated-screen',
  'coated-spectacles',
  'pearl-jewellery',
  'wallpaper',
  'car-paint',
  'glass-ceramic-hob',
];
/** What soda is tried on at a hidden spot first. */
export const alkaliWithCare: readonly MaterialId[] = [
  'painted-wall',
  'laminate',
  'acrylic-polycarbonate',
  'solid-surface-acrylic',
  'carpet',
  'upholstery',
];
/** What a solvent takes the surface off. */
export const noSolvent: readonly MaterialId[] = [
  'car-paint',
  'lacquered-brass',
  'acrylic-polycarbonate',
  'polystyrene',
  'coated-spectacles',
];
/** What is scratched by scouring: said with burnt-on soil. */
export const scratches: readonly MaterialId[] = [
  'acrylic-polycarbonate',
  'solid-surface-acrylic',
  'non-stick',
  'chrome-plate',
  'glass',
  'glass-ceramic-hob',
  'coloured-plate',
];
/** What rust is never taken off with acid: it goes dull or through to the iron. */
export const noRustAcid: readonly MaterialId[] = ['enamelled-cast-iron', 'enamelled-steel'];

/** Cleaners that a person may choose from for a soil; where there is one, that. */
const eitherOf: Partial<Record<Soil, readonly Cleaner[]>> = {
  grease: ['washing-up-liquid', 'washing-soda'],
  limescale: ['vinegar', 'citric'],
  'soap-film': ['vinegar', 'vinegar-and-washing-up-liquid'],
};
export const lifters = (soil: Soil): readonly Cleaner[] =>
  eitherOf[soil] ?? [soilRows[soil].lifts.at(-1)!.cleaner];
