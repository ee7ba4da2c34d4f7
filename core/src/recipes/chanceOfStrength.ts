import type { Span } from '../domain/goals.ts';
import { ingredientOf } from '../reference/ingredients.ts';
import { tools } from '../reference/tools.ts';
import { addMasses, mixtureVolume } from '../solutions/composition.ts';
import type { Portion } from '../solutions/portion.ts';
import { contentOf, type Masses } from '../solutions/stockContent.ts';
import { normal, seeded, type Draws } from '../units/random.ts';

/** Which strength is asked about. */
export type Strong = 'alcohol' | 'peroxide';

/**
 * The most that one of the measures moves the strength: a line's amount, or what its stock's label
 * promises.
 */
export interface Lever {
  row: number;
  by: 'amount' | 'stock';
  /** What one deviation of it does to the strength, as a fraction. */
  moves: number;
}

export interface Chance {
  draws: number;
  within: number;
  below: number;
  above: number;
  lever: Lever;
}

/** One deviation of an amount, relative: the tool's. */
const offOf = ({ tool, mass }: Portion): number =>
  'least' in tools[tool]
    ? Math.max(tools[tool].off, (tools[tool] as { least: number }).least / mass)
    : tools[tool].off;

const strengthOf = (strong: Strong, masses: Masses): number => {
  const volume = mixtureVolume(masses);
  return strong === 'peroxide'
    ? (masses['hydrogen peroxide'] ?? 0) / volume / 1000
    : (masses.ethanol ?? 0) / 789.24 / volume + (masses['2-propanol'] ?? 0) / 785.4 / volume;
};

/**
 * A portion measured and bought a little differently: `amount` and `stock` relative to what was
 * meant.
 */
const varied = (portion: Portion, amount: number, stock: number): Masses => {
  const { density, parts } =
    stock === 1 || portion.strength === undefined
      ? { density: portion.mass / portion.volume, parts: undefined }
      : contentOf(portion.ingredient, Math.min(1, portion.strength * stock));
  if (!parts)
    return Object.fromEntries(
      Object.entries(portion.masses).map(([name, mass]) => [name, mass * amount]),
    );
  return Object.fromEntries(
    Object.entries(parts).map(([name, part]) => [name, part * portion.volume * amount * density]),
  );
};

interface Wobble {
  portion: Portion;
  amount: number;
  stock: number;
}
const wobbles = (portions: readonly Portion[]): Wobble[] =>
  portions.map((portion) => ({
    portion,
    amount: offOf(portion),
    stock: ingredientOf(portion.ingredient).strength?.off ?? 0,
  }));
const pouredWith = (all: Wobble[], of: (one: Wobble, i: number) => [number, number]): Masses =>
  all.reduce<Masses>((sum, one, i) => addMasses(sum, varied(one.portion, ...of(one, i))), {});

/** The measure that moves the strength most when it is off by one deviation. */
export const strongestLever = (portions: readonly Portion[], strong: Strong): Lever => {
  const all = wobbles(portions);
  const meant = strengthOf(
    strong,
    pouredWith(all, () => [1, 1]),
  );
  const levers = all.flatMap(({ portion, amount, stock }, i): Lever[] =>
    (
      [
        ['amount', Math.max(0, 1 - amount), 1],
        ['stock', 1, 1 - stock],
      ] as const
    ).map(([by, a, s]) => ({
      row: portion.row,
      by,
      moves: Math.abs(
        strengthOf(
          strong,
          pouredWith(all, (_, j) => (i === j ? [a, s] : [1, 1])),
        ) - meant,
      ),
    })),
  );
  return levers.reduce((most, one) => (one.moves > most.moves ? one : most));
};

/**
 * The chance that a batch of these portions is in strength, given how people measure with what they
 * have and how far stocks are off their labels. Sources: reference/tools and
 * reference/ingredients.
 */
export const chanceOfStrength = (
  portions: readonly Portion[],
  strong: Strong,
  span: Span,
  { draws, seed }: Draws,
): Chance => {
  const next = normal(seeded(seed));
  const all = wobbles(portions);
  // Between two nearby strengths a stock's content is all but straight: four steps of the table
  // stand for each draw.
  const tables = all.map(({ portion, stock }) =>
    stock === 0 ? undefined : [-4, -2, 0, 2, 4].map((k) => varied(portion, 1, 1 + k * stock)),
  );
  const at = (i: number, k: number): Masses => {
    const table = tables[i];
    if (!table) return all[i]!.portion.masses;
    const place = Math.min(3.999, Math.max(0, (k + 4) / 2));
    const [low, high, part] = [table[Math.floor(place)]!, table[Math.floor(place) + 1]!, place % 1];
    const mixed: Masses = {};
    for (const name of Object.keys(low) as (keyof Masses)[])
      mixed[name] = low[name]! * (1 - part) + high[name]! * part;
    return mixed;
  };
  let [below, above] = [0, 0];
  for (let draw = 0; draw < draws; draw += 1) {
    const masses: Masses = {};
    for (let i = 0; i < all.length; i += 1) {
      const amount = Math.max(0, 1 + all[i]!.amount * next());
      const one = at(i, next());
      for (const name in one)
        masses[name as keyof Masses] =
          (masses[name as keyof Masses] ?? 0) + one[name as keyof Masses]! * amount;
    }
    const strength = strengthOf(strong, masses);
    if (strength < span.floor) below += 1;
    else if (strength > span.top) above += 1;
  }
  return {
    draws,
    below,
    above,
    within: draws - below - above,
    lever: strongestLever(portions, strong),
  };
};
