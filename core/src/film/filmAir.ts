import type { GenericActive } from '../domain/families.ts';
import { genericFacts } from '../families/index.ts';
import { peroxideHenry } from '../families/peroxide.ts';
import { components } from '../reference/components.ts';
import type { RoomAir } from '../reference/roomAir.ts';
import { MMHG_PER_ATM, waterAntoine, waterVapour } from '../reference/vapours.ts';
import { alcoholOf, massFraction, volumeFraction } from '../solutions/alcohol.ts';
import { volumeToWeight, wateryDensity, weightToVolume } from '../solutions/stockContent.ts';
import { activity, saturation } from '../solutions/vapour.ts';

/**
 * A film as it is put on: strength as a fraction in the active's basis (0 is water), thickness in
 * m.
 */
export interface Film {
  active: GenericActive;
  strength: number;
  thickness: number;
}

/**
 * J/m²K of what lies under the film, where its cooling is to be counted; left out, the surface
 * stays as warm as the room.
 */
export interface Under {
  heatCapacity: number;
}

/** Still air still moves by its own warmth, m/s. Source: common practice, no source. */
const STILL = 0.05;

const AIR_VISCOSITY = 1.5e-5;

/**
 * m/s by which a vapour leaves a surface: laminar flow over a flat plate, diffusivity after Fuller.
 * Source: Incropera.
 */
export const massTransfer = (
  of: GenericActive | 'water',
  { temperature, airSpeed, length }: RoomAir,
): number => {
  const warmer = ((temperature + 273.15) / 298.15) ** 1.75;
  const vapour = of === 'water' ? waterVapour : genericFacts[of];
  const d = vapour.diffusivity * warmer;
  const viscosity = AIR_VISCOSITY * warmer;
  const reynolds = (Math.max(STILL, airSpeed) * length) / viscosity;
  return (0.664 * Math.sqrt(reynolds) * Math.cbrt(viscosity / d) * d) / length;
};

/** Mol of water in a litre: what a small mole fraction is multiplied by to give mol/L. */
const WATER_MOLAR = 998.2 / 18.015;

/**
 * Pressure of peroxide over water at `t` °C in Pa by its mole fraction: Henry's law where it is
 * dilute, Raoult's where it is pure, and between the two by a Margules activity of one constant.
 * Source: Sander-2015; Perry.
 */
export const peroxidePressureOver = (t: number): ((x: number) => number) => {
  const pure = saturation(genericFacts['hydrogen peroxide'].antoine, t);
  const henry =
    peroxideHenry.at25 * Math.exp(peroxideHenry.slope * (1 / (t + 273.15) - 1 / 298.15));
  const dilute = (WATER_MOLAR / henry) * MMHG_PER_ATM;
  const constant = Math.log(dilute / pure);
  return (x) => x * Math.exp(constant * (1 - x) ** 2) * pure * PA_PER_MMHG;
};

/** A strength in the active's basis as a mass fraction, and back. */
export const basisOf = (active: GenericActive) => {
  const alcohol = alcoholOf(active);
  return alcohol
    ? {
        toWeight: (strength: number) => massFraction(alcohol, strength),
        fromWeight: (p: number) => volumeFraction(alcohol, p),
      }
    : {
        toWeight: (strength: number) => volumeToWeight(active, strength),
        fromWeight: (p: number) => weightToVolume(active, p),
      };
};

export const GAS = 8.314;

export const PA_PER_MMHG = 133.322;

/** Below this, m, there is no film but beads and damp. Source: common practice, no source. */
const DRY = 1e-6;

/**
 * What an active in water does over its film: partial pressures in Pa by its mole fraction `x`.
 * Alcohol after van Laar, acid after Raoult.
 */
export const pressures = (active: GenericActive, t: number) => {
  const alcohol = alcoholOf(active);
  const water = saturation(waterAntoine, t) * PA_PER_MMHG;
  const own = saturation(genericFacts[active].antoine, t) * PA_PER_MMHG;
  if (active === 'hydrogen peroxide') {
    const over = peroxidePressureOver(t);
    return { water, at: (x: number): [number, number] => [over(x), (1 - x) * water] };
  }
  if (!alcohol) return { water, at: (x: number): [number, number] => [x * own, (1 - x) * water] };
  return {
    water,
    at: (x: number): [number, number] => {
      const g = activity(alcohol, x);
      return [x * g.alcohol * own, (1 - x) * g.water * water];
    },
  };
};

/** What of a film does not change while it dries. */
export const setUp = (film: Film, air: RoomAir, floor: number) => {
  const { active } = film;
  const [own, water] = [components[active].molarMass, components.water.molarMass];
  const basis = basisOf(active);
  const moleFraction = (p: number) => p / own / (p / own + (1 - p) / water);
  const p = basis.toWeight(film.strength);
  const mass = film.thickness * wateryDensity(active, p);
  return {
    own,
    water,
    basis,
    mass,
    start: [(mass * p) / own, (mass * (1 - p)) / water] as [number, number],
    floor: moleFraction(basis.toWeight(Math.max(0, floor))) * (1 - 1e-9),
    leaving: massTransfer(active, air),
    leavingWater: massTransfer('water', air),
    dry: DRY * wateryDensity(active, p),
  };
};
