import type { Basis } from '../units/strength.ts';
import type { Component } from './components.ts';
import type { Group } from './neverCombine.ts';

/** What an ingredient does in a bottle, and so when it is poured. */
export type Role = 'water' | 'active' | 'foam' | 'powder' | 'scent' | 'solubiliser' | 'other';

export interface Ingredient {
  /** As people write it, generic only; the first is the one shown. */
  names: readonly string[];
  groups: readonly Group[];
  role: Role;
  /** A stock in water: what its strength counts, the usual one (fraction), and how far a label's may be off (one deviation, relative). */
  strength?: { of: Component; basis: Basis; usual: number; off: number };
  /** What the rest is made of, as mass fractions; water where nothing is said. */
  parts?: Partial<Record<Component, number>>;
  /** kg/m³ as measured out: bulk for powders; worked out where not given. */
  density?: number;
}

const stock = (of: Component, basis: Basis, usual: number, off: number, groups: readonly Group[], ...names: string[]): Ingredient =>
  ({ names, groups, role: 'active', strength: { of, basis, usual, off } });
const powder = (of: Component, density: number, groups: readonly Group[], ...names: string[]): Ingredient =>
  ({ names, groups, role: 'powder', parts: { [of]: 1 }, density });
const foam = (of: Component, fraction: number, groups: readonly Group[], ...names: string[]): Ingredient =>
  ({ names, groups, role: 'foam', parts: { [of]: fraction, water: 1 - fraction }, density: 1020 });
const scent = (...names: string[]): Ingredient => ({ names, groups: ['oil'], role: 'scent', parts: { 'scent oil': 1 }, density: 880 });
const other = (of: Component, fraction: number, density: number, groups: readonly Group[], ...names: string[]): Ingredient =>
  ({ names, groups, role: 'other', parts: { [of]: fraction, water: 1 - fraction }, density });

/**
 * What people write in recipes. Strengths are what is usual on a shelf; lemon juice about 5 % w/v citric acid; a
 * teaspoon of baking soda weighs 4.6 g. Source: USP for rubbing alcohol and topical peroxide (memory); the rest
 * common practice, no source.
 */
export const ingredients = {
  water: { names: ['water', 'tap water', 'distilled water', 'demineralised water', 'demineralized water', 'deionised water', 'deionized water', 'boiled water', 'purified water', 'filtered water', 'rain water', 'h2o'], groups: ['water'], role: 'water', parts: { water: 1 }, density: 998.2 },
  ice: { names: ['ice', 'ice cubes'], groups: ['water'], role: 'water', parts: { water: 1 }, density: 917 },

  '2-propanol': stock('2-propanol', 'v/v', 0.7, 0.01, ['alcohol'], 'rubbing alcohol', '2-propanol', 'isopropyl alcohol', 'isopropyl', 'isopropanol', 'propan-2-ol', 'propanol', 'ipa', 'iso alcohol', 'surgical spirit', 'alcohol'),
  ethanol: stock('ethanol', 'v/v', 0.95, 0.005, ['alcohol'], 'ethanol', 'ethyl alcohol', 'grain alcohol', 'neutral grain spirit', 'neutral spirit', 'pure alcohol'),
  'denatured alcohol': stock('ethanol', 'v/v', 0.9, 0.02, ['alcohol'], 'denatured alcohol', 'methylated spirit', 'methylated spirits', 'meths', 'denatured ethanol', 'bioethanol'),
  vodka: stock('ethanol', 'v/v', 0.4, 0.005, ['alcohol'], 'vodka', 'cheap vodka'),
  'strong spirit': stock('ethanol', 'v/v', 0.6, 0.01, ['alcohol'], 'rum', 'overproof rum', 'strong spirit', 'moonshine'),
  'witch hazel': stock('ethanol', 'v/v', 0.14, 0.02, ['alcohol'], 'witch hazel', 'witch hazel water', 'hamamelis water'),
  'vanilla extract': { ...stock('ethanol', 'v/v', 0.35, 0.05, ['alcohol'], 'vanilla extract', 'vanilla essence', 'lemon extract', 'peppermint extract'), role: 'scent' },

  peroxide: stock('hydrogen peroxide', 'w/v', 0.03, 0.05, ['peroxide'], 'hydrogen peroxide', 'peroxide', 'topical peroxide', 'h2o2', 'oxygenated water', 'peroxide solution'),
  'oxygen bleach': { names: ['oxygen bleach', 'percarbonate', 'sodium percarbonate', 'oxygen bleach powder', 'oxygen powder'], groups: ['peroxide', 'carbonate'], role: 'powder', parts: { 'sodium carbonate': 0.675, 'hydrogen peroxide': 0.325 }, density: 950 },

  vinegar: stock('acetic acid', 'w/v', 0.05, 0.02, ['acid'], 'vinegar', 'white vinegar', 'distilled vinegar', 'distilled white vinegar', 'spirit vinegar', 'table vinegar', 'apple cider vinegar', 'cider vinegar', 'wine vinegar', 'malt vinegar', 'rice vinegar', 'acetic acid'),
  'cleaning vinegar': stock('acetic acid', 'w/v', 0.06, 0.02, ['acid'], 'cleaning vinegar', 'pickling vinegar'),
  'vinegar essence': stock('acetic acid', 'w/v', 0.25, 0.02, ['acid'], 'vinegar essence', 'vinegar concentrate', 'concentrated vinegar'),
  'lemon juice': stock('citric acid', 'w/v', 0.05, 0.1, ['acid'], 'lemon juice', 'juice of lemon', 'lime juice', 'fresh lemon juice'),
  'citric acid': powder('citric acid', 960, ['acid'], 'citric acid', 'citric acid powder', 'citric acid crystals', 'sour salt', 'citric'),
  'lime remover': stock('hydrochloric acid', 'w/v', 0.09, 0.1, ['acid'], 'acid toilet cleaner', 'lime remover', 'limescale remover', 'acid descaler', 'muriatic acid', 'hydrochloric acid'),
  'drain acid': { names: ['acid drain opener', 'sulfuric acid', 'sulphuric acid', 'battery acid'], groups: ['strong-acid'], role: 'other', parts: { 'sulfuric acid': 0.9, water: 0.1 }, density: 1800 },

  'baking soda': powder('sodium hydrogencarbonate', 933, ['carbonate'], 'baking soda', 'bicarbonate of soda', 'bicarb', 'bicarb soda', 'sodium bicarbonate', 'sodium hydrogencarbonate', 'bicarbonate', 'bread soda'),
  'baking powder': { names: ['baking powder'], groups: ['carbonate', 'acid'], role: 'powder', parts: { 'sodium hydrogencarbonate': 0.3, starch: 0.7 }, density: 900 },
  'washing soda': powder('sodium carbonate', 1000, ['carbonate'], 'washing soda', 'soda ash', 'sodium carbonate', 'soda crystals', 'laundry soda'),
  borax: powder('borax', 900, ['borax'], 'borax', 'borax powder', 'sodium borate', 'sodium tetraborate'),
  lye: powder('sodium hydroxide', 1100, ['strong-alkali'], 'lye', 'caustic soda', 'sodium hydroxide', 'lye crystals'),
  'oven cleaner': other('sodium hydroxide', 0.04, 1040, ['strong-alkali'], 'oven cleaner', 'drain cleaner', 'drain opener', 'alkaline drain opener'),

  bleach: stock('sodium hypochlorite', 'w/v', 0.0525, 0.1, ['hypochlorite'], 'bleach', 'chlorine bleach', 'household bleach', 'liquid bleach', 'sodium hypochlorite', 'laundry bleach', 'bleach gel'),
  'pool chlorine': { names: ['pool shock', 'pool chlorine', 'calcium hypochlorite', 'chlorine tablet', 'chlorine tablets', 'bleach tablet', 'cistern tablet'], groups: ['dry-chlorine'], role: 'powder', parts: { 'sodium hypochlorite': 0.65, 'table salt': 0.35 }, density: 1000 },
  ammonia: stock('ammonia', 'w/v', 0.05, 0.1, ['ammonia'], 'ammonia', 'household ammonia', 'ammonia water', 'cloudy ammonia', 'ammonium hydroxide'),
  'ammonia glass cleaner': other('ammonia', 0.005, 998, ['ammonia'], 'glass cleaner', 'window cleaner', 'ammonia glass cleaner'),

  'castile soap': foam('soap', 0.3, ['soap'], 'castile soap', 'castile', 'liquid castile soap', 'liquid soap', 'soap', 'vegetable soap', 'olive oil soap', 'black soap', 'soft soap', 'hand soap', 'pure soap', 'unscented castile soap'),
  'soap flakes': powder('soap', 400, ['soap'], 'soap flakes', 'grated soap', 'bar soap', 'soap powder', 'grated bar soap'),
  detergent: foam('detergent', 0.2, ['detergent'], 'washing-up liquid', 'dish soap', 'dish detergent', 'dishwashing liquid', 'washing up liquid', 'dishwashing soap', 'dish liquid', 'detergent', 'liquid detergent', 'surfactant'),
  'laundry detergent': foam('detergent', 0.15, ['detergent'], 'laundry detergent', 'laundry liquid', 'washing liquid'),
  shampoo: foam('detergent', 0.12, ['detergent'], 'shampoo', 'baby shampoo'),
  'rinse aid': foam('citric acid', 0.1, ['acid'], 'rinse aid'),
  'quat concentrate': { names: ['quat', 'quat concentrate', 'quaternary ammonium', 'benzalkonium chloride', 'quat spray'], groups: ['quat'], role: 'foam', parts: { quat: 0.1, water: 0.9 }, density: 995 },
  'fabric softener': { names: ['fabric softener', 'fabric conditioner', 'laundry softener'], groups: ['quat'], role: 'foam', parts: { quat: 0.05, water: 0.95 }, density: 1000 },

  'essential oil': scent('essential oil', 'essential oils', 'scent oil', 'fragrance oil', 'fragrance', 'scent', 'perfume oil', 'oil of choice'),
  'tea tree oil': scent('tea tree oil', 'tea tree', 'tea tree essential oil', 'melaleuca oil'),
  'lavender oil': scent('lavender oil', 'lavender', 'lavender essential oil'),
  'orange oil': scent('orange oil', 'sweet orange oil', 'orange essential oil', 'orange', 'citrus oil', 'd-limonene'),
  'lemon oil': scent('lemon oil', 'lemon', 'lemon essential oil', 'lemongrass oil', 'lemongrass'),
  'eucalyptus oil': scent('eucalyptus oil', 'eucalyptus', 'eucalyptus essential oil'),
  'peppermint oil': scent('peppermint oil', 'peppermint', 'peppermint essential oil', 'mint oil'),
  'thyme oil': scent('thyme oil', 'thyme', 'thyme essential oil'),
  'clove oil': scent('clove oil', 'clove', 'clove essential oil', 'cinnamon oil'),
  'pine oil': scent('pine oil', 'pine', 'turpentine', 'rosemary oil', 'rosemary'),
  'grapefruit oil': scent('grapefruit oil', 'grapefruit seed extract', 'grapefruit', 'bergamot oil'),
  'olive oil': other('scent oil', 1, 915, ['oil'], 'olive oil', 'vegetable oil', 'coconut oil', 'linseed oil', 'mineral oil'),
  solubiliser: { names: ['solubiliser', 'solubilizer', 'polysorbate', 'polysorbate 20', 'polysorbate 80', 'emulsifier'], groups: ['detergent'], role: 'solubiliser', parts: { detergent: 1 }, density: 1080 },

  glycerol: { names: ['glycerine', 'glycerin', 'glycerol', 'vegetable glycerin'], groups: [], role: 'other', strength: { of: 'glycerol', basis: 'v/v', usual: 0.98, off: 0.01 } },
  'aloe gel': other('starch', 0.02, 1005, [], 'aloe gel', 'aloe vera gel', 'aloe vera', 'aloe'),
  'table salt': powder('table salt', 1200, [], 'salt', 'table salt', 'sea salt', 'sodium chloride'),
  cornstarch: powder('starch', 560, [], 'cornstarch', 'corn starch', 'cornflour', 'starch', 'flour', 'arrowroot'),
  sugar: powder('starch', 850, [], 'sugar'),
  'xanthan gum': powder('starch', 700, [], 'xanthan gum', 'xanthan', 'guar gum'),
  'colloidal silver': other('metal', 0.00001, 998, ['metal'], 'colloidal silver', 'silver water', 'silver solution'),
  'copper water': other('metal', 0.00001, 998, ['metal'], 'copper water', 'copper powder'),
  acetone: { names: ['acetone', 'nail polish remover', 'nail-polish remover'], groups: ['ketone'], role: 'other', parts: { acetone: 1 }, density: 791 },
  'food colouring': other('starch', 0.02, 1000, [], 'food colouring', 'food coloring', 'dye', 'colorant'),
  tea: other('starch', 0.005, 998, [], 'green tea', 'black tea', 'tea'),
  unknown: { names: ['unknown', 'unlabelled', 'unlabeled', 'unlabelled bottle', 'mystery cleaner', 'all-purpose cleaner', 'multi-surface cleaner'], groups: ['unknown'], role: 'other', parts: { water: 1 }, density: 1000 },
} as const satisfies Record<string, Ingredient>;

export type IngredientId = keyof typeof ingredients;
export const ingredientOf = (id: IngredientId): Ingredient => ingredients[id];
export const ingredientIds = Object.keys(ingredients) as IngredientId[];
