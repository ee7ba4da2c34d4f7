import { alcoholVapours } from '../families/alcohol.ts';
import { genericFacts } from '../families/index.ts';
import { components } from '../reference/components.ts';
import { MMHG_PER_ATM, waterAntoine } from '../reference/vapours.ts';
import type { Masses } from './stockContent.ts';

type Alcohol = keyof typeof alcoholVapours;

/** Saturation pressure in mmHg at `t` °C. Source: Antoine. */
export const saturation = ([a, b, c]: readonly [number, number, number], t: number): number =>
  10 ** (a - b / (c + t));

/**
 * Activity coefficients of an alcohol and of water at the alcohol's mole fraction. Source: van
 * Laar, constants of Perry.
 */
export const activity = (alcohol: Alcohol, x: number): { alcohol: number; water: number } => {
  const [a, b] = alcoholVapours[alcohol].vanLaar;
  const [own, other] = [a * x, b * (1 - x)];
  return {
    alcohol: Math.exp(a * (other / (own + other)) ** 2),
    water: Math.exp(b * (own / (own + other)) ** 2),
  };
};

const bisect = (low: number, high: number, tooLow: (t: number) => boolean): number => {
  for (let i = 0; i < 50; i += 1) {
    const middle = (low + high) / 2;
    if (tooLow(middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};

/** Boiling point in °C at 1 atm of alcohol and water by the alcohol's mole fraction. */
export const boilingPoint = (alcohol: Alcohol, x: number): number => {
  const { alcohol: own, water } = activity(alcohol, x);
  return bisect(
    20,
    110,
    (t) =>
      x * own * saturation(genericFacts[alcohol].antoine, t) +
        (1 - x) * water * saturation(waterAntoine, t) <
      MMHG_PER_ATM,
  );
};

const HOTTEST = 100;

/**
 * Closed-cup flash point in °C of a mixture of alcohol and water (kg of each), or nothing where its
 * vapour never lights below 100 °C. The vapour over it lights when it is as rich as that over the
 * pure alcohol at its own flash point, each alcohol counted by its part (Le Chatelier, after Liaw).
 * What is neither only dilutes as water does.
 */
export const flashPoint = (masses: Masses): number | undefined => {
  const mol = (name: Alcohol | 'water') => (masses[name] ?? 0) / components[name].molarMass;
  const moles = { ethanol: mol('ethanol'), '2-propanol': mol('2-propanol') };
  const alcohol = moles.ethanol + moles['2-propanol'];
  if (alcohol === 0) return undefined;
  const x = alcohol / (alcohol + mol('water'));
  const richness = (t: number) =>
    (Object.keys(alcoholVapours) as Alcohol[]).reduce((sum, name) => {
      const { antoine } = genericFacts[name];
      const { flashPoint: own } = alcoholVapours[name];
      return (
        sum +
        (x * (moles[name] / alcohol) * activity(name, x).alcohol * saturation(antoine, t)) /
          saturation(antoine, own)
      );
    }, 0);
  return richness(HOTTEST) < 1 ? undefined : bisect(-20, HOTTEST, (t) => richness(t) < 1);
};

export type FlammableCategory = 2 | 3 | 4;
/**
 * Strength v/v from which alcohol is treated as category 2 whatever the model says. Source: safety
 * data sheets; cautious.
 */
const SURELY_TWO = 0.5;

/** GHS category by flash point (all these boil over 35 °C), or nothing. Source: GHS. */
export const flammableCategory = (
  flash: number | undefined,
  alcohol: number,
): FlammableCategory | undefined => {
  if (flash === undefined) return undefined;
  if (flash < 23 || alcohol >= SURELY_TWO) return 2;
  if (flash <= 60) return 3;
  return flash <= 93 ? 4 : undefined;
};
