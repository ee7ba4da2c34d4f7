import { componentNames, components, type Component } from '../reference/components.ts';
import { alcoholDensity } from './alcohol.ts';
import type { Masses } from './stockContent.ts';

export const addMasses = (a: Masses, b: Masses): Masses => {
  const sum: Masses = { ...a };
  for (const name of Object.keys(b) as Component[]) sum[name] = (sum[name] ?? 0) + b[name]!;
  return sum;
};
export const massOf = (masses: Masses): number =>
  Object.values(masses).reduce((sum, mass) => sum + mass, 0);

/**
 * What both alcohols and the water between them take up, m³: each pair by its own table, weighted
 * by mass where both are in.
 */
const alcoholVolume = (water: number, ethanol: number, propanol: number): number => {
  const alcohol = ethanol + propanol;
  if (alcohol === 0) return water * components.water.specificVolume;
  const p = alcohol / (alcohol + water);
  const density =
    (ethanol * alcoholDensity('ethanol', p) + propanol * alcoholDensity('2-propanol', p)) / alcohol;
  return (alcohol + water) / density;
};

/**
 * m³ at 20 °C that masses (kg) take up when mixed: alcohol and water contract (OIML R 22; Perry's
 * table), everything else adds what it adds to water. Gas takes up nothing.
 */
export const mixtureVolume = ({
  water = 0,
  ethanol = 0,
  '2-propanol': propanol = 0,
  ...rest
}: Masses): number =>
  alcoholVolume(water, ethanol, propanol) +
  (Object.keys(rest) as Component[]).reduce(
    (sum, name) => sum + (rest as Masses)[name]! * components[name].specificVolume,
    0,
  );

/**
 * One component of a mixture: mol, and fractions by weight, of weight in volume and, for alcohols,
 * by volume at 20 °C.
 */
export interface Constituent {
  component: Component;
  mass: number;
  mol: number;
  ww: number;
  wv: number;
  vv?: number;
}

/** The largest first; traces that came out of arithmetic are left out. */
export const constituentsOf = (masses: Masses, volume: number): Constituent[] => {
  const total = massOf(masses);
  return componentNames
    .filter((name) => (masses[name] ?? 0) > total * 1e-12)
    .map((component) => {
      const mass = masses[component]!;
      const alcohol = component === 'ethanol' || component === '2-propanol';
      return {
        component,
        mass,
        mol: mass / components[component].molarMass,
        ww: mass / total,
        wv: mass / volume / 1000,
        ...(alcohol ? { vv: mass / alcoholDensity(component, 1) / volume } : {}),
      };
    })
    .sort((a, b) => b.mass - a.mass);
};
