/** Standard atomic weights, g/mol. Source: IUPAC, abridged. */
const atomic: Record<string, number> = {
  H: 1.008,
  B: 10.81,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  F: 18.998,
  Na: 22.99,
  S: 32.06,
  Cl: 35.45,
  Ca: 40.078,
  Ag: 107.868,
};

/** kg/mol of a formula such as "C2H4O2". */
const molarMassOf = (formula: string): number =>
  [...formula.matchAll(/([A-Z][a-z]?)(\d*)/g)].reduce(
    (sum, [, atom, count]) => sum + atomic[atom!]! * Number(count || 1),
    0,
  ) / 1000;

const component = (formula: string, specificVolume: number) =>
  ({ formula, molarMass: molarMassOf(formula), specificVolume }) as const;

/**
 * What a mixture can hold. `specificVolume` is what a kilogram adds to a watery solution, m³/kg:
 * from the densities of solutions (Perry); for soaps, gums and the like a round figure (common
 * practice, no source).
 */
export const components = {
  water: component('H2O', 1 / 998.2),
  ethanol: component('C2H6O', 1 / 789.24),
  '2-propanol': component('C3H8O', 1 / 785.4),
  'hydrogen peroxide': component('H2O2', 1 / 1550),
  'acetic acid': component('C2H4O2', 1 / 1150),
  'citric acid': component('C6H8O7', 1 / 1610),
  'hydrochloric acid': component('HCl', 1 / 1900),
  'sulfuric acid': component('H2SO4', 1 / 1830),
  'sodium hydrogencarbonate': component('NaHCO3', 1 / 3200),
  'sodium carbonate': component('Na2CO3', 1 / 9000),
  'sodium hydroxide': component('NaOH', 1 / 9000),
  borax: component('Na2B4O17H20', 1 / 1900),
  ammonia: component('NH3', 1 / 660),
  'sodium hypochlorite': component('NaClO', 1 / 4000),
  /** Soaps are counted as sodium oleate. */
  soap: component('C18H33NaO2', 1 / 1000),
  'fatty acid': component('C18H34O2', 1 / 895),
  detergent: component('C12H25NaO4S', 1 / 1100),
  quat: component('C21H38NCl', 1 / 980),
  glycerol: component('C3H8O3', 1 / 1261),
  'scent oil': component('C10H16', 1 / 850),
  acetone: component('C3H6O', 1 / 791),
  /** What burns in turpentine, orange, pine and tea tree oil, counted as limonene. */
  terpene: component('C10H16', 1 / 850),
  /** Olive oil and the like: it does not light at room temperature. */
  'fatty oil': component('C18H34O2', 1 / 915),
  'oxalic acid': component('C2H2O4', 1 / 1900),
  'hydrofluoric acid': component('HF', 1 / 1000),
  'sodium dithionite': component('Na2S2O4', 1 / 2400),
  /** Silver or copper in traces. */
  metal: component('Ag', 1 / 10490),
  'table salt': component('NaCl', 1 / 3000),
  starch: component('C6H10O5', 1 / 1500),
  'sodium acetate': component('C2H3NaO2', 1 / 2500),
  'sodium citrate': component('Na3C6H5O7', 1 / 2500),
  'boric acid': component('H3BO3', 1 / 1500),
  'carbon dioxide': component('CO2', 0),
  oxygen: component('O2', 0),
  chlorine: component('Cl2', 0),
  chloramine: component('NH2Cl', 0),
} as const;

export type Component = keyof typeof components;
export const componentNames = Object.keys(components) as Component[];

/** What leaves a bottle as gas. */
export const gases = [
  'carbon dioxide',
  'oxygen',
  'chlorine',
  'chloramine',
] as const satisfies readonly Component[];
export type Gas = (typeof gases)[number];

/** Litres of any gas per mol at 20 °C and 1 atm. Source: ideal gas. */
export const MOLAR_LITRES = 24.06;
