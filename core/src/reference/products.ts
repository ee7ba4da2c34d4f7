import type { Group } from '../domain/groups.ts';
import type { Component } from './components.ts';

/**
 * What counts in a product, as a fraction w/v (kg a litre): what it is usually sold at. Source:
 * labels.
 */
export interface ActiveContent {
  component: Component;
  strength: number;
}

/**
 * What is met in homes besides the company's own stock: generic kinds, never brands. Strengths as
 * fractions.
 */
export const products = {
  'chlorine-bleach': {
    groups: ['hypochlorite'],
    content: { component: 'sodium hypochlorite', strength: 0.0525 },
  },
  'cistern-tablet': { groups: ['hypochlorite', 'dry-chlorine', 'isocyanurate'] },
  'pool-shock': { groups: ['dry-chlorine', 'calcium-hypochlorite'] },
  vinegar: { groups: ['acid'], content: { component: 'acetic acid', strength: 0.05 } },
  'citric-descaler': { groups: ['acid'], content: { component: 'citric acid', strength: 0.1 } },
  'acid-toilet-cleaner': {
    groups: ['acid'],
    content: { component: 'hydrochloric acid', strength: 0.1 },
  },
  'lemon-juice': { groups: ['acid'], content: { component: 'citric acid', strength: 0.05 } },
  ammonia: { groups: ['ammonia'], content: { component: 'ammonia', strength: 0.05 } },
  'ammonia-glass-cleaner': {
    groups: ['ammonia'],
    content: { component: 'ammonia', strength: 0.01 },
  },
  urine: { groups: ['ammonia', 'urine'] },
  'peroxide-household': {
    groups: ['peroxide'],
    strength: 0.03,
    content: { component: 'hydrogen peroxide', strength: 0.03 },
  },
  'peroxide-strong': {
    groups: ['peroxide'],
    strength: 0.12,
    content: { component: 'hydrogen peroxide', strength: 0.12 },
  },
  percarbonate: { groups: ['peroxide', 'carbonate'], strength: 0.03 },
  'rubbing-alcohol': { groups: ['alcohol'] },
  'methylated-spirit': { groups: ['alcohol'] },
  'nail-polish-remover': { groups: ['ketone'] },
  'baking-soda': {
    groups: ['carbonate'],
    content: { component: 'sodium hydrogencarbonate', strength: 0.933 },
  },
  'washing-soda': {
    groups: ['carbonate'],
    content: { component: 'sodium carbonate', strength: 1.0 },
  },
  'oven-cleaner': { groups: ['strong-alkali'] },
  'alkaline-drain-opener': { groups: ['strong-alkali', 'hypochlorite'] },
  'acid-drain-opener': { groups: ['strong-acid', 'acid'] },
  'muriatic-acid': {
    groups: ['strong-acid', 'acid'],
    content: { component: 'hydrochloric acid', strength: 0.31 },
  },
  'rust-remover': { groups: ['hydrofluoric', 'rust-remover', 'acid'] },
  'colour-remover': { groups: ['reducer'] },
  'castile-soap': { groups: ['soap'] },
  'washing-up-liquid': { groups: ['detergent'] },
  'quat-spray': { groups: ['quat'] },
  borax: { groups: ['borax'] },
  'colloidal-silver': { groups: ['metal'] },
  'essential-oil': { groups: ['oil'] },
  water: { groups: ['water'] },
  'hot-water': { groups: ['water', 'hot-water'] },
  'aluminium-pan': { groups: ['aluminium'] },
  glycerine: { groups: [] },
  'unlabelled-bottle': { groups: ['unknown'] },
} as const satisfies Record<
  string,
  { groups: readonly Group[]; strength?: number; content?: ActiveContent }
>;

export type ProductId = keyof typeof products;
export const productIds = Object.keys(products) as ProductId[];

/**
 * Of what a client keeps, what is in the toilet's water before anybody comes: it doses it anew at
 * every flush.
 */
export const bowlOf = (keeps: readonly ProductId[]): ProductId[] =>
  keeps.filter((id) => id === 'cistern-tablet');
