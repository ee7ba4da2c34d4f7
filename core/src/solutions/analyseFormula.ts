import { gases, type Gas } from '../reference/components.ts';
import { acidity } from './acidity.ts';
import { constituentsOf, massOf, mixtureVolume, type Constituent } from './composition.ts';
import { poured, type Portion } from './portion.ts';
import { react, type Reaction } from './reactions.ts';
import { closedPressure, gasVolume } from './gasPressure.ts';
import type { Masses } from './stockContent.ts';

/**
 * What a mixture is once everything in it has reacted. Volumes m³ at 20 °C, masses kg, strengths
 * fractions.
 */
export interface Formula {
  portions: readonly Portion[];
  /** The sum of what was poured, by volume and by weight. */
  pouredVolume: number;
  pouredMass: number;
  /** What stands in the bottle, gas gone, and how much smaller that is than what was poured. */
  volume: number;
  mass: number;
  contraction: number;
  constituents: Constituent[];
  reactions: Reaction[];
  /** Gas set free, and what it would press to in a bottle closed over it. */
  gas: { gas: Gas; mol: number; volume: number; pressure: number }[];
  ph?: number;
  /** v/v of both alcohols; w/v of the others. */
  strengths: { alcohol: number; peroxide: number; acid: number; hypochlorite: number };
  /** Two alcohols: density and strength lie between two tables. */
  estimate: boolean;
  headspace: number;
}

/**
 * Air over the liquid in a bottle that is filled as people fill it: a tenth of it. Source: common
 * practice, no source.
 */
const USUAL_HEADSPACE = 0.1;
const ofAcids = ['acetic acid', 'citric acid', 'hydrochloric acid', 'sulfuric acid'] as const;

/**
 * What a mixture of portions is: mass and volume with contraction, each component in mol, w/w, w/v
 * and v/v, what reacted, the gas, and the pH. `headspace` in m³, a tenth of the liquid where not
 * given.
 */
export const analyseFormula = (portions: readonly Portion[], headspace?: number): Formula => {
  const before = poured(portions);
  const { masses: after, reactions } = react(before);
  const liquid: Masses = { ...after };
  for (const gas of gases) delete liquid[gas];
  const volume = mixtureVolume(liquid);
  const pouredVolume = portions.reduce((sum, portion) => sum + portion.volume, 0);
  const room = headspace ?? Math.max(volume, 1e-9) * USUAL_HEADSPACE;
  const constituents = constituentsOf(liquid, volume);
  const find = (name: string) => constituents.find(({ component }) => component === name);
  const moles = new Map<Gas, number>();
  for (const { gas } of reactions) if (gas) moles.set(gas.gas, (moles.get(gas.gas) ?? 0) + gas.mol);
  return {
    portions,
    pouredVolume,
    pouredMass: massOf(before),
    volume,
    mass: massOf(liquid),
    constituents,
    reactions,
    headspace: room,
    // Powders dissolve and fizz escapes: only what the liquids lose by closing up counts.
    contraction: Math.max(
      0,
      1 -
        mixtureVolume(before) /
          portions.reduce((sum, { masses }) => sum + mixtureVolume(masses), 0),
    ),
    gas: [...moles].map(([gas, mol]) => ({
      gas,
      mol,
      volume: gasVolume(mol),
      pressure: closedPressure(mol, room),
    })),
    ph: acidity(liquid, volume),
    strengths: {
      alcohol: (find('ethanol')?.vv ?? 0) + (find('2-propanol')?.vv ?? 0),
      peroxide: find('hydrogen peroxide')?.wv ?? 0,
      acid: ofAcids.reduce((sum, name) => sum + (find(name)?.wv ?? 0), 0),
      hypochlorite: find('sodium hypochlorite')?.wv ?? 0,
    },
    estimate: find('ethanol') !== undefined && find('2-propanol') !== undefined,
  };
};
