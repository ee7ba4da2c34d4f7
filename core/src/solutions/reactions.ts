import { components, type Component, type Gas } from '../reference/components.ts';
import type { Masses } from './stockContent.ts';

/** What happens when one is poured to the other, in mol per mol of `of`. */
interface Stoichiometry {
  id: ReactionId;
  of: Component;
  with: Component;
  /** mol of `with` that one mol of `of` takes. */
  takes: number;
  makes: Partial<Record<Component, number>>;
}

export const reactionIds = [
  'acid-alkali',
  'acid-carbonate',
  'acid-soap',
  'acid-borax',
  'peroxide-decomposes',
  'peracid',
  'bleach-acid',
  'bleach-ammonia',
  'bleach-peroxide',
  'bleach-alcohol',
] as const;

export type ReactionId = (typeof reactionIds)[number];

const acids = [
  { acid: 'acetic acid', protons: 1, salt: 'sodium acetate' },
  { acid: 'citric acid', protons: 3, salt: 'sodium citrate' },
  { acid: 'hydrochloric acid', protons: 1, salt: 'table salt' },
] as const;

/** An acid with a base that takes `protons` per mol, per mol of base. */
const neutralise = (
  id: ReactionId,
  base: Component,
  taken: number,
  makes: Stoichiometry['makes'],
): Stoichiometry[] =>
  acids.map(({ acid, protons, salt }) => ({
    id,
    of: base,
    with: acid,
    takes: taken / protons,
    makes: { ...makes, [salt]: taken / protons },
  }));

/**
 * In the order in which they run: the strongest base first. Each conserves mass atom by atom.
 * Source: stoichiometry. A soap is counted as oleate, its acid as oleic acid.
 */
const equations: readonly Stoichiometry[] = [
  {
    id: 'bleach-acid',
    of: 'sodium hypochlorite',
    with: 'hydrochloric acid',
    takes: 2,
    makes: { chlorine: 1, 'table salt': 1, water: 1 },
  },
  {
    id: 'bleach-peroxide',
    of: 'sodium hypochlorite',
    with: 'hydrogen peroxide',
    takes: 1,
    makes: { oxygen: 1, 'table salt': 1, water: 1 },
  },
  {
    id: 'bleach-ammonia',
    of: 'sodium hypochlorite',
    with: 'ammonia',
    takes: 1,
    makes: { chloramine: 1, 'sodium hydroxide': 1 },
  },
  ...neutralise('acid-alkali', 'sodium hydroxide', 1, { water: 1 }),
  ...neutralise('acid-carbonate', 'sodium carbonate', 2, { water: 1, 'carbon dioxide': 1 }),
  ...neutralise('acid-borax', 'borax', 2, { 'boric acid': 4, water: 5 }),
  ...neutralise('acid-soap', 'soap', 1, { 'fatty acid': 1 }),
  ...neutralise('acid-carbonate', 'sodium hydrogencarbonate', 1, { water: 1, 'carbon dioxide': 1 }),
];

/**
 * What reacted: the mol of both, the parts of each that are gone, and the mol of gas it sets free.
 */
export interface Reaction {
  id: ReactionId;
  of: Component;
  with: Component;
  mol: number;
  spent: number;
  spentWith: number;
  gas?: { gas: Gas; mol: number };
}

const mol = (masses: Masses, name: Component) => (masses[name] ?? 0) / components[name].molarMass;

const isGas = (name: string): name is Gas =>
  name === 'carbon dioxide' || name === 'oxygen' || name === 'chlorine' || name === 'chloramine';

const gasIn = (makes: Stoichiometry['makes'], extent: number): { gas?: Reaction['gas'] } => {
  const gas = Object.keys(makes).find(isGas);
  return gas ? { gas: { gas, mol: makes[gas]! * extent } } : {};
};

/**
 * Reactions that end in a danger rather than in a salt: said with the bound of what they could
 * make, and not run.
 */
const dangers = (masses: Masses): Reaction[] => {
  const found: Reaction[] = [];
  const meet = (
    id: ReactionId,
    of: Component,
    other: Component,
    makes: Stoichiometry['makes'] = {},
  ) => {
    const extent = Math.min(mol(masses, of), mol(masses, other));
    if (extent > 0)
      found.push({
        id,
        of,
        with: other,
        mol: extent,
        spent: extent / mol(masses, of),
        spentWith: extent / mol(masses, other),
        ...gasIn(makes, extent),
      });
  };
  for (const acid of [
    'acetic acid',
    'citric acid',
    'hydrochloric acid',
    'sulfuric acid',
  ] as const) {
    meet('peracid', 'hydrogen peroxide', acid);
    // One Cl2 per hypochlorite, chloride present in excess: the bound.
    if (acid !== 'hydrochloric acid')
      meet('bleach-acid', 'sodium hypochlorite', acid, { chlorine: 1 });
  }
  for (const alcohol of ['ethanol', '2-propanol'] as const)
    meet('bleach-alcohol', 'sodium hypochlorite', alcohol);
  for (const base of [
    'sodium carbonate',
    'sodium hydrogencarbonate',
    'sodium hydroxide',
    'metal',
  ] as const) {
    const peroxide = mol(masses, 'hydrogen peroxide');
    // The base only sets it off: all of the peroxide may go.
    if (peroxide > 0 && mol(masses, base) > 0)
      found.push({
        id: 'peroxide-decomposes',
        of: 'hydrogen peroxide',
        with: base,
        mol: peroxide,
        spent: 1,
        spentWith: 0,
        gas: { gas: 'oxygen', mol: peroxide / 2 },
      });
  }
  return found;
};

/**
 * Carries out what happens in the bottle by stoichiometry; masses in kg, the same mass before and
 * after, gas included.
 */
export const react = (masses: Masses): { masses: Masses; reactions: Reaction[] } => {
  const dangerous = dangers(masses);
  const now: Masses = { ...masses };
  const reactions: Reaction[] = [];
  for (const { id, of, with: other, takes, makes } of equations) {
    const [here, there] = [mol(now, of), mol(now, other)];
    const extent = Math.min(here, there / takes);
    if (!(extent > 1e-12)) continue;
    now[of] = Math.max(0, now[of]! - extent * components[of].molarMass);
    now[other] = Math.max(0, now[other]! - extent * takes * components[other].molarMass);
    for (const name of Object.keys(makes) as Component[])
      now[name] = (now[name] ?? 0) + makes[name]! * extent * components[name].molarMass;
    // What an earlier reaction has made counts by what there was of it then.
    const [had, hadOther] = [Math.max(here, mol(masses, of)), Math.max(there, mol(masses, other))];
    reactions.push({
      id,
      of,
      with: other,
      mol: extent,
      spent: extent / had,
      spentWith: (extent * takes) / hadOther,
      ...gasIn(makes, extent),
    });
  }
  return { masses: now, reactions: [...reactions, ...dangerous] };
};
