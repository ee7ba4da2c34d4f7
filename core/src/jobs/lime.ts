import { components } from '../reference/components.ts';
import {
  ACID_EXCESS,
  LIME_DENSITY,
  LIME_MOLAR,
  limeOn,
  type Acid,
} from '../reference/descaling.ts';
import type { LimeAmount } from '../domain/soils.ts';

/** mol of lime that a mol of acid dissolves: CaCO3 + 2 CH3COOH, 3 CaCO3 + 2 C6H8O7. */
const dissolves: Record<Acid, { component: 'acetic acid' | 'citric acid'; each: number }> = {
  vinegar: { component: 'acetic acid', each: 1 / 2 },
  citric: { component: 'citric acid', each: 3 / 2 },
};

/** kg of lime that a m³ of an acid at a strength (w/v) dissolves at most. Source: stoichiometry. */
export const limeDissolvedBy = (acid: Acid, strength: number): number => {
  const { component, each } = dissolves[acid];
  return ((strength * 1000) / components[component].molarMass) * each * LIME_MOLAR;
};

/** How thick it is, m, as measured; else as people say it. */
export type Lime = { thickness: number } | { amount: LimeAmount };

/** kg of lime on an area, m². */
export const limeOnArea = (lime: Lime, area: number): number =>
  'thickness' in lime ? lime.thickness * area * LIME_DENSITY : limeOn[lime.amount] * area;

/** m³ of acid that just dissolve so much lime (kg), and that are poured: it slows as it goes. */
export const acidFor = (
  lime: number,
  acid: Acid,
  strength: number,
): { just: number; poured: number } => {
  const just = lime / limeDissolvedBy(acid, strength);
  return { just, poured: just * ACID_EXCESS };
};
