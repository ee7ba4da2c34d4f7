import type { Group } from './neverCombine.ts';

/** What is met in homes besides the company's own stock: generic kinds, never brands. Strengths as fractions. */
export const products = {
  'chlorine-bleach': { groups: ['hypochlorite'] },
  'cistern-tablet': { groups: ['hypochlorite'] },
  'pool-shock': { groups: ['dry-chlorine'] },
  vinegar: { groups: ['acid'] },
  'citric-descaler': { groups: ['acid'] },
  'acid-toilet-cleaner': { groups: ['acid'] },
  'lemon-juice': { groups: ['acid'] },
  ammonia: { groups: ['ammonia'] },
  'ammonia-glass-cleaner': { groups: ['ammonia'] },
  urine: { groups: ['ammonia'] },
  'peroxide-household': { groups: ['peroxide'], strength: 0.03 },
  'peroxide-strong': { groups: ['peroxide'], strength: 0.12 },
  percarbonate: { groups: ['peroxide', 'carbonate'], strength: 0.03 },
  'rubbing-alcohol': { groups: ['alcohol'] },
  'methylated-spirit': { groups: ['alcohol'] },
  'nail-polish-remover': { groups: ['ketone'] },
  'baking-soda': { groups: ['carbonate'] },
  'washing-soda': { groups: ['carbonate'] },
  'oven-cleaner': { groups: ['strong-alkali'] },
  'alkaline-drain-opener': { groups: ['strong-alkali'] },
  'acid-drain-opener': { groups: ['strong-acid'] },
  'castile-soap': { groups: ['soap'] },
  'washing-up-liquid': { groups: ['detergent'] },
  'quat-spray': { groups: ['quat'] },
  borax: { groups: ['borax'] },
  'colloidal-silver': { groups: ['metal'] },
  'essential-oil': { groups: ['oil'] },
  water: { groups: ['water'] },
  'unlabelled-bottle': { groups: ['unknown'] },
} as const satisfies Record<string, { groups: readonly Group[]; strength?: number }>;

export type ProductId = keyof typeof products;
export const productIds = Object.keys(products) as ProductId[];
