import type { GenericActive } from '../domain/families.ts';
import { activeFacts, familyFacts, genericFacts } from '../families/index.ts';
import type { IngredientId } from '../reference/ingredients.ts';
import { alcoholOf } from './alcohol.ts';
import { analyseFormula, type Formula } from './analyseFormula.ts';
import type { Portion } from './portion.ts';
import { contentOf, type Masses } from './stockContent.ts';

const portionOf = (ingredient: IngredientId, mass: number, strength?: number): Portion => {
  const { density, parts } = contentOf(ingredient, strength);
  const masses = Object.fromEntries(
    Object.entries(parts).map(([name, part]) => [name, part * mass]),
  ) as Masses;
  return {
    row: 0,
    text: '',
    ingredient,
    ...(strength === undefined ? {} : { strength }),
    assumed: false,
    volume: mass / density,
    mass,
    masses,
    tool: 'bench scale',
  };
};

/** kg of `volume` m³ of a stock at its strength (fraction). */
export const massOfStock = (active: GenericActive, strength: number, volume: number): number =>
  contentOf(genericFacts[active].ingredient, strength).density * volume;

/** What `stock` kg of a stock (strength as a fraction) with `water` kg of water makes. */
export const mixtureOf = (
  active: GenericActive,
  strength: number,
  stock: number,
  water: number,
): Formula =>
  analyseFormula([
    portionOf(genericFacts[active].ingredient, stock, strength),
    ...(water > 0 ? [portionOf('water', water)] : []),
  ]);

/**
 * The strength of the mixture in the active's own basis, as people read it: to a tenth of a per
 * cent of the whole.
 */
export const strengthOfWeighed = (
  active: GenericActive,
  strength: number,
  stock: number,
  water: number,
): { strength: number; volume: number } => {
  const { strengths, volume } = mixtureOf(active, strength, stock, water);
  const found = strengths[familyFacts[activeFacts[active].family].foundAs];
  // A tenth of a per cent is much of a 0.75 % peroxide, so weak ones are read finer.
  const step = found < 0.1 ? 1e-4 : 1e-3;
  return { strength: Math.round(found / step) * step, volume };
};

/** A batch poured by weight: its stock's strength, kg meant of each, and what it is to come to. */
export interface Weighing {
  active: GenericActive;
  strength: number;
  meant: { stock: number; water: number };
  target: number;
  span: { floor: number; top: number };
}

/**
 * How much of one (kg) may be poured, the other being as meant, for the batch to be in strength:
 * alcohol anywhere in its span, the others within a hundredth of what was meant.
 */
export const pourBand = (
  { active, strength, meant, target, span }: Weighing,
  of: 'stock' | 'water',
): { from: number; to: number } => {
  const fits = (mass: number): boolean => {
    const { stock, water } = of === 'stock' ? { ...meant, stock: mass } : { ...meant, water: mass };
    const made = strengthOfWeighed(active, strength, stock, water).strength;
    const inSpan = made >= span.floor * (1 - 1e-9) && made * (1 - 1e-9) <= span.top;
    // Alcohol holds for as long anywhere in its span; the others are held to what was meant.
    return (
      inSpan && (alcoholOf(active) !== undefined || Math.abs(made - target) <= 0.01 * target + 1e-9)
    );
  };
  const edge = (outside: number): number => {
    let [inside, out] = [meant[of], outside];
    if (fits(out)) return out;
    for (let i = 0; i < 40; i += 1) {
      const middle = (inside + out) / 2;
      if (fits(middle)) inside = middle;
      else out = middle;
    }
    return inside;
  };
  return { from: edge(0), to: edge(meant[of] * 2 + 0.001) };
};
