import { components, MOLAR_LITRES, type Component, type Gas } from '../reference/components.ts';
import type { ActiveContent } from '../reference/products.ts';

/**
 * Gas in air, ppm: short-term or ceiling, the stricter one of ACGIH, and immediately dangerous.
 * Source: NIOSH; ACGIH. Chloramine has no limits of its own there: chlorine's are taken, the
 * cautious reading.
 */
export const gasLimits = {
  chlorine: { shortTerm: 0.5, stricter: 0.4, immediatelyDangerous: 10 },
  chloramine: { shortTerm: 0.5, stricter: 0.4, immediatelyDangerous: 10 },
  'carbon dioxide': { shortTerm: 30_000, stricter: 30_000, immediatelyDangerous: 40_000 },
  oxygen: null,
} as const satisfies Record<
  Gas,
  { shortTerm: number; stricter: number; immediatelyDangerous: number } | null
>;

/**
 * Upper bound in ppm of `moles` of gas spread through a room of `roomVolume` m³. Throws a
 * RangeError for no room.
 */
export const gasPpm = (moles: number, roomVolume: number): number => {
  if (!(roomVolume > 0)) throw new RangeError(`room volume ${roomVolume} m³: over 0 is allowed`);
  return ((moles * MOLAR_LITRES) / (roomVolume * 1000)) * 1e6;
};

const acids = ['acetic acid', 'citric acid', 'hydrochloric acid', 'sulfuric acid'] as const;
const protons: Record<(typeof acids)[number], number> = {
  'acetic acid': 1,
  'citric acid': 3,
  'hydrochloric acid': 1,
  'sulfuric acid': 2,
};

/**
 * One pair that sets a gas free: mol of gas a mol of `of` can give, and mol of acid protons or
 * partner that takes. Source: stoichiometry.
 */
interface Release {
  of: Component;
  with: readonly Component[];
  gas: Gas;
  gives: number;
  takes: number;
}
const releases: readonly Release[] = [
  { of: 'sodium hypochlorite', with: acids, gas: 'chlorine', gives: 1, takes: 1 },
  { of: 'sodium hypochlorite', with: ['ammonia'], gas: 'chloramine', gives: 1, takes: 1 },
  { of: 'sodium hypochlorite', with: ['hydrogen peroxide'], gas: 'oxygen', gives: 1, takes: 1 },
  { of: 'sodium hydrogencarbonate', with: acids, gas: 'carbon dioxide', gives: 1, takes: 1 },
  { of: 'sodium carbonate', with: acids, gas: 'carbon dioxide', gives: 1, takes: 2 },
];

/** An amount of something: what is in it, kg a m³, and m³ of it. */
export interface Poured {
  content: ActiveContent;
  volume: number;
}

const molOf = ({ content, volume }: Poured): number =>
  (content.strength * 1000 * volume) / components[content.component].molarMass;
const givesProtons = (component: Component): number =>
  (protons as Partial<Record<Component, number>>)[component] ?? 1;

/** What two amounts could make at most, and how long it would be felt. */
export interface GasBound {
  gas: Gas;
  mol: number;
  /** Upper bound at the start, ppm. */
  ppm: number;
  limits: { shortTerm: number; stricter: number; immediatelyDangerous: number } | null;
  /** s until it has fallen to what is not immediately dangerous, and to the short-term limit. */
  dangerousFor: number;
  overShortTermFor: number;
}

/**
 * ppm after `t` s of what began at `ppm`, with so many air changes an hour. Source: well-mixed
 * room.
 */
export const decayed = (ppm: number, changes: number, t: number): number =>
  ppm * Math.exp((-changes * t) / 3600);

const until = (ppm: number, limit: number, changes: number): number => {
  if (ppm <= limit) return 0;
  return changes > 0 ? (3600 * Math.log(ppm / limit)) / changes : Infinity;
};

/**
 * Upper bound of the gas that two amounts can make in a room of `roomVolume` m³ with `changes` air
 * changes an hour: the smaller reacts completely, all of it is set free and mixed through the room.
 * Nothing where the two make none.
 */
export const gasEstimate = (
  a: Poured,
  b: Poured,
  roomVolume: number,
  changes: number,
): GasBound | null => {
  for (const [one, other] of [
    [a, b],
    [b, a],
  ] as const) {
    const release = releases.find(
      ({ of, with: partners }) =>
        of === one.content.component && partners.includes(other.content.component),
    );
    if (!release) continue;
    const mol =
      Math.min(molOf(one), (molOf(other) * givesProtons(other.content.component)) / release.takes) *
      release.gives;
    const ppm = gasPpm(mol, roomVolume);
    const limits = gasLimits[release.gas];
    return {
      gas: release.gas,
      mol,
      ppm,
      limits,
      dangerousFor: limits ? until(ppm, limits.immediatelyDangerous, changes) : 0,
      overShortTermFor: limits ? until(ppm, limits.shortTerm, changes) : 0,
    };
  }
  return null;
};

/**
 * atm above ambient in a capped bottle of `headspace` m³, as an upper bound. Peroxide that breaks
 * down gives half its mol as oxygen. Source: ideal gas; stoichiometry.
 */
export const peroxidePressure = (peroxide: Poured, headspace: number): number => {
  if (!(headspace > 0)) throw new RangeError(`headspace ${headspace} m³: over 0 is allowed`);
  return ((molOf(peroxide) / 2) * (MOLAR_LITRES / 1000)) / headspace;
};
