import type { Group } from '../domain/groups.ts';
import type { Basis } from '../units/strength.ts';
import type { Component } from './components.ts';

/** What an ingredient does in a bottle, and so when it is poured. */
export type Role = 'water' | 'active' | 'foam' | 'powder' | 'scent' | 'solubiliser' | 'other';

export interface Ingredient {
  groups: readonly Group[];
  role: Role;
  /**
   * A stock in water: what its strength counts, the usual one (fraction), what is sold as strong
   * where that is another, and how far a label's may be off (one deviation, relative).
   */
  strength?: { of: Component; basis: Basis; usual: number; strong?: number; off: number };
  /** What the rest is made of, as mass fractions; water where nothing is said. */
  parts?: Partial<Record<Component, number>>;
  /** kg/m³ as measured out: bulk for powders; worked out where not given. */
  density?: number;
  /** What somebody says that writes no strength is worth nothing: it is always asked. */
  asksStrength?: true;
}

type Groups = readonly Group[];
/** A stock in water as it is written below. */
type StockColumns = [
  of: Component,
  basis: Basis,
  usual: number,
  off: number,
  groups: Groups,
  strong?: number,
];
const stock = (...[of, basis, usual, off, groups, strong]: StockColumns): Ingredient => ({
  groups,
  role: 'active',
  strength: { of, basis, usual, off, ...(strong ? { strong } : {}) },
});
const powder = (of: Component, density: number, groups: Groups): Ingredient => ({
  groups,
  role: 'powder',
  parts: { [of]: 1 },
  density,
});
const foam = (of: Component, fraction: number, groups: Groups): Ingredient => ({
  groups,
  role: 'foam',
  parts: { [of]: fraction, water: 1 - fraction },
  density: 1020,
});
const scent = (of: 'scent oil' | 'terpene' = 'scent oil'): Ingredient => ({
  groups: ['oil'],
  role: 'scent',
  parts: { [of]: 1 },
  density: 880,
});
const other = (of: Component, fraction: number, density: number, groups: Groups): Ingredient => ({
  groups,
  role: 'other',
  parts: { [of]: fraction, water: 1 - fraction },
  density,
});
const watery = (...groups: Group[]): Ingredient => ({
  groups,
  role: 'water',
  parts: { water: 1 },
  density: 998.2,
});

/**
 * What people write in recipes. Strengths are what is usual on a shelf; lemon juice about 5 % w/v
 * citric acid; a teaspoon of baking soda weighs 4.6 g. Source: USP for rubbing alcohol and topical
 * peroxide; the rest common practice, no source.
 */
export const ingredients = {
  water: watery('water'),
  'hot water': watery('water', 'hot-water'),
  'boiling water': watery('water', 'hot-water', 'boiling-water'),
  ice: { ...watery('water'), density: 917 },

  '2-propanol': stock('2-propanol', 'v/v', 0.7, 0.01, ['alcohol'], 0.99),
  ethanol: { ...stock('ethanol', 'v/v', 0.95, 0.005, ['alcohol'], 0.96), asksStrength: true },
  'denatured alcohol': stock('ethanol', 'v/v', 0.9, 0.02, ['alcohol'], 0.95),
  vodka: stock('ethanol', 'v/v', 0.4, 0.005, ['alcohol'], 0.5),
  rum: stock('ethanol', 'v/v', 0.38, 0.02, ['alcohol'], 0.75),
  'strong spirit': stock('ethanol', 'v/v', 0.6, 0.01, ['alcohol'], 0.75),
  'witch hazel': stock('ethanol', 'v/v', 0.14, 0.02, ['alcohol']),
  'vanilla extract': { ...stock('ethanol', 'v/v', 0.35, 0.05, ['alcohol']), role: 'scent' },

  peroxide: stock('hydrogen peroxide', 'w/v', 0.03, 0.05, ['peroxide'], 0.12),
  'oxygen bleach': {
    groups: ['peroxide', 'carbonate'],
    role: 'powder',
    density: 950,
    parts: { 'sodium carbonate': 0.675, 'hydrogen peroxide': 0.325 },
  },

  vinegar: stock('acetic acid', 'w/v', 0.05, 0.02, ['acid'], 0.1),
  'cleaning vinegar': stock('acetic acid', 'w/v', 0.06, 0.02, ['acid'], 0.1),
  'vinegar essence': stock('acetic acid', 'w/v', 0.25, 0.02, ['acid'], 0.8),
  'acetic acid': { ...stock('acetic acid', 'w/v', 0.8, 0.02, ['acid'], 0.99), asksStrength: true },
  'glacial acetic acid': stock('acetic acid', 'w/v', 0.99, 0.01, ['acid']),
  'lemon juice': stock('citric acid', 'w/v', 0.05, 0.1, ['acid']),
  'lime juice': stock('citric acid', 'w/v', 0.06, 0.1, ['acid']),
  'orange juice': stock('citric acid', 'w/v', 0.01, 0.2, ['acid']),
  'citric acid': powder('citric acid', 960, ['acid']),
  'cream of tartar': powder('citric acid', 900, ['acid']),
  'oxalic acid': powder('oxalic acid', 1000, ['acid', 'rust-remover']),
  'lime remover': stock('hydrochloric acid', 'w/v', 0.09, 0.1, ['acid'], 0.15),
  'muriatic acid': stock('hydrochloric acid', 'w/v', 0.31, 0.05, ['strong-acid', 'acid'], 0.37),
  'drain acid': other('sulfuric acid', 0.9, 1800, ['strong-acid', 'acid']),
  'rust remover': other('hydrofluoric acid', 0.05, 1010, ['hydrofluoric', 'rust-remover', 'acid']),
  'rinse aid': foam('citric acid', 0.1, ['acid']),

  'baking soda': powder('sodium hydrogencarbonate', 933, ['carbonate']),
  'baking powder': {
    groups: ['carbonate', 'acid'],
    role: 'powder',
    density: 900,
    parts: { 'sodium hydrogencarbonate': 0.3, starch: 0.7 },
  },
  'washing soda': powder('sodium carbonate', 1000, ['carbonate']),
  borax: powder('borax', 900, ['borax']),
  lye: powder('sodium hydroxide', 1100, ['strong-alkali']),
  'oven cleaner': other('sodium hydroxide', 0.04, 1040, ['strong-alkali']),
  'drain opener': {
    groups: ['strong-alkali', 'hypochlorite'],
    role: 'other',
    density: 1100,
    parts: { 'sodium hydroxide': 0.05, 'sodium hypochlorite': 0.05, water: 0.9 },
  },

  bleach: stock('sodium hypochlorite', 'w/v', 0.0525, 0.1, ['hypochlorite'], 0.0825),
  'calcium hypochlorite': {
    groups: ['dry-chlorine', 'calcium-hypochlorite'],
    role: 'powder',
    density: 1000,
    parts: { 'sodium hypochlorite': 0.65, 'table salt': 0.35 },
  },
  'bleach tablet': {
    groups: ['dry-chlorine', 'isocyanurate'],
    role: 'powder',
    density: 1000,
    parts: { 'sodium hypochlorite': 0.6, 'table salt': 0.4 },
  },
  'colour remover': powder('sodium dithionite', 1000, ['reducer']),
  ammonia: stock('ammonia', 'w/v', 0.05, 0.1, ['ammonia'], 0.1),
  'ammonia glass cleaner': other('ammonia', 0.005, 998, ['ammonia']),
  urine: other('ammonia', 0.001, 1010, ['ammonia', 'urine']),

  'castile soap': foam('soap', 0.3, ['soap']),
  'soap flakes': powder('soap', 400, ['soap']),
  detergent: foam('detergent', 0.2, ['detergent']),
  'laundry detergent': foam('detergent', 0.15, ['detergent']),
  shampoo: foam('detergent', 0.12, ['detergent']),
  'quat concentrate': {
    groups: ['quat'],
    role: 'foam',
    parts: { quat: 0.1, water: 0.9 },
    density: 995,
  },
  'fabric softener': {
    groups: ['quat'],
    role: 'foam',
    parts: { quat: 0.05, water: 0.95 },
    density: 1000,
  },

  'essential oil': scent(),
  'tea tree oil': scent('terpene'),
  'lavender oil': scent(),
  'orange oil': scent('terpene'),
  'lemon oil': scent('terpene'),
  'eucalyptus oil': scent('terpene'),
  'peppermint oil': scent(),
  'thyme oil': scent(),
  'clove oil': scent(),
  'pine oil': scent('terpene'),
  'grapefruit oil': scent('terpene'),
  turpentine: { groups: ['oil'], role: 'other', parts: { terpene: 1 }, density: 865 },
  'olive oil': other('fatty oil', 1, 915, ['oil']),
  solubiliser: {
    groups: ['detergent'],
    role: 'solubiliser',
    parts: { detergent: 1 },
    density: 1080,
  },

  glycerol: {
    groups: [],
    role: 'other',
    strength: { of: 'glycerol', basis: 'v/v', usual: 0.98, off: 0.01 },
  },
  'aloe gel': other('starch', 0.02, 1005, []),
  'table salt': powder('table salt', 1200, []),
  cornstarch: powder('starch', 560, []),
  sugar: powder('starch', 850, []),
  'xanthan gum': powder('starch', 700, []),
  'colloidal silver': other('metal', 0.00001, 998, ['metal']),
  'copper water': other('metal', 0.00001, 998, ['metal']),
  'aluminium foil': powder('starch', 2700, ['aluminium']),
  acetone: { groups: ['ketone'], role: 'other', parts: { acetone: 1 }, density: 791 },
  'food colouring': other('starch', 0.02, 1000, []),
  tea: other('starch', 0.005, 998, []),
  unknown: { groups: ['unknown'], role: 'other', parts: { water: 1 }, density: 1000 },
} as const satisfies Record<string, Ingredient>;

export type IngredientId = keyof typeof ingredients;
export const ingredientOf = (id: IngredientId): Ingredient => ingredients[id];
export const ingredientIds = Object.keys(ingredients) as IngredientId[];
