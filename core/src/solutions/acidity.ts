import { components, type Component } from '../reference/components.ts';
import type { Masses } from './stockContent.ts';

/**
 * Acids by their pKa, largest step last. Source: textbook values at 25 °C; the soap's is that of
 * its micelles.
 */
const acids: { of: Component[]; pKa: number[] }[] = [
  { of: ['acetic acid', 'sodium acetate'], pKa: [4.756] },
  { of: ['citric acid', 'sodium citrate'], pKa: [3.13, 4.76, 6.4] },
  { of: ['sodium hydrogencarbonate', 'sodium carbonate'], pKa: [6.35, 10.33] },
  { of: ['boric acid', 'borax'], pKa: [9.24] },
  { of: ['soap'], pKa: [7.5] },
];
/** Sodium that each salt brings, and acid molecules of its kind (borax holds four). */
const sodium: Partial<Record<Component, number>> = {
  'sodium acetate': 1,
  'sodium citrate': 3,
  'sodium hydrogencarbonate': 1,
  'sodium carbonate': 2,
  borax: 2,
  soap: 1,
  'sodium hydroxide': 1,
  'sodium hypochlorite': 1,
};
const KW = 1e-14;
const AMMONIUM = 9.25;
const HYPOCHLOROUS = 7.53;

/** Negative charge per mol of an acid at a hydrogen-ion concentration. */
const chargeOf = (pKa: number[], h: number): number => {
  let term = 1;
  let [sum, charge] = [1, 0];
  pKa.forEach((pK, i) => {
    term *= 10 ** -pK / h;
    sum += term;
    charge += (i + 1) * term;
  });
  return charge / sum;
};

/**
 * pH of a mixture (kg in m³ of volume) from its charge balance over acetic, citric, carbonic and
 * boric acid with the soap's and soda's sodium, by bisection. Activities are taken as
 * concentrations. Nothing where there is no water.
 */
export const acidity = (masses: Masses, volume: number): number | undefined => {
  if (!((masses.water ?? 0) > 0 && volume > 0)) return undefined;
  const perLitre = (name: Component) =>
    (masses[name] ?? 0) / components[name].molarMass / volume / 1000;
  const salts = (Object.keys(sodium) as Component[]).reduce(
    (sum, name) => sum + sodium[name]! * perLitre(name),
    0,
  );
  const strong = perLitre('hydrochloric acid') + 2 * perLitre('sulfuric acid');
  const weak = acids.map(({ of, pKa }) => ({
    pKa,
    amount: of.reduce((sum, name) => sum + perLitre(name) * (name === 'borax' ? 4 : 1), 0),
  }));
  const [ammonia, hypochlorite] = [perLitre('ammonia'), perLitre('sodium hypochlorite')];
  const excess = (pH: number): number => {
    const h = 10 ** -pH;
    const positive = h + salts + ammonia * (1 - chargeOf([AMMONIUM], h));
    return (
      positive -
      KW / h -
      strong -
      hypochlorite * chargeOf([HYPOCHLOROUS], h) -
      weak.reduce((sum, { pKa, amount }) => sum + amount * chargeOf(pKa, h), 0)
    );
  };
  let [low, high] = [-1, 15];
  for (let i = 0; i < 60; i += 1) {
    const middle = (low + high) / 2;
    if (excess(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};
