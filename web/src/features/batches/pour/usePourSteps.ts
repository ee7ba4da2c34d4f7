import type { StockRow } from '@zymostat/contract';
import {
  correctPour,
  massOfStock,
  pourBand,
  strengthOfWeighed,
  type GenericActive,
  type Pour,
  type Span,
} from '@zymostat/core';
import { useKept } from '../../../ui/useKept.ts';
import { POURED_DRAFT } from './usePour.ts';
import type { Weighed } from './usePour.ts';

export type How = 'measure' | 'scale';
export type Part = 'water' | 'stock';
type Masses = Record<Part, number>;

export interface Pouring {
  how: How;
  stock: StockRow & { active: GenericActive };
  /** Fractions in the basis of its active; the span in which it is in strength. */
  target: number;
  span: Span;
  pour: Pour;
}

const WATER_DENSITY = 998.2;
/** kg: less than this nobody can pour. */
const SLACK = 0.0001;
/** kg of stock from which a strength can be said. */
const LEAST_STOCK = 0.0005;

const otherThan = (part: Part): Part => (part === 'water' ? 'stock' : 'water');

/** kg of water and of stock that are meant. */
const massesOf = ({ stock, pour }: Pouring): Masses => ({
  water: pour.water * WATER_DENSITY,
  stock: massOfStock(stock.active, stock.strength, pour.stock),
});

/** kg of the whole batch. */
export const massOf = (pouring: Pouring): number => {
  const { water, stock } = massesOf(pouring);
  return water + stock;
};

/** How far a batch is: kept, so that a half-poured one is gone on with after a reload. */
interface InVessel {
  /** Which batch: by what it is poured from, to and how. */
  of: string;
  meant: Masses;
  poured: Masses;
  filled: Part[];
  corrected: boolean;
}

const keyOf = ({ how, stock, target, pour }: Pouring): string =>
  `${how} ${stock.id} ${target} ${pour.total}`;

const emptyFor = (pouring: Pouring): InVessel => ({
  of: keyOf(pouring),
  meant: massesOf(pouring),
  poured: { water: 0, stock: 0 },
  filled: [],
  corrected: false,
});

/** What is in the vessel already, what comes next, and how much of it: all in kg. */
const useFilled = (pouring: Pouring) => {
  const [now, go] = useKept<InVessel>(POURED_DRAFT, () => emptyFor(pouring));
  // Another batch begins with an empty vessel.
  const { meant, poured, filled, corrected } = now.of === keyOf(pouring) ? now : emptyFor(pouring);
  const step = (to: Partial<InVessel>) =>
    go({ of: keyOf(pouring), meant, poured, filled, corrected, ...to });
  const parts: Part[] = meant.water > 0 ? ['water', 'stock'] : ['stock'];

  const fill = (part: Part, mass: number) =>
    step({ poured: { ...poured, [part]: mass }, filled: [...filled, part] });
  /** What was poured too much is put right for the whole batch. */
  const correct = (part: Part, mass: number) => {
    const put = { ...poured, [part]: mass };
    const { toPour } = correctPour(
      parts.map((one) => meant[one]),
      parts.map((one) => put[one]),
    );
    const next = parts.map((one, i) => [one, put[one] + toPour[i]!]);
    step({
      meant: { ...meant, ...(Object.fromEntries(next) as Partial<Masses>) },
      poured: put,
      filled: parts.filter((_, i) => toPour[i]! < SLACK),
      corrected: true,
    });
  };
  return { parts, meant, poured, filled, corrected, fill, correct };
};

/**
 * Pours a batch part by part. `shown` is what the scale shows in kg since it was set to zero, if
 * it is one that pours; `begun` that the empty vessel stands there.
 */
export const usePourSteps = (pouring: Pouring, shown: number | undefined, begun: boolean) => {
  const { how, stock, target, span } = pouring;
  const { active } = stock;
  const { parts, meant, poured, filled, corrected, fill, correct } = useFilled(pouring);
  const missing = parts.find((part) => !filled.includes(part));
  const current = missing ?? 'stock';
  const other = otherThan(current);
  const done = begun && missing === undefined;
  const weighing = how === 'scale' && begun && !done;
  const now = Math.max(0, (shown ?? 0) - poured[other]);
  // What is in already is as it is, not as it was meant.
  const asItIs = filled.includes(other) ? { ...meant, [other]: poured[other] } : meant;
  const band = pourBand({ active, strength: stock.strength, meant: asItIs, target, span }, current);
  const standing = weighing ? { ...poured, [current]: now } : poured;
  const strengthOf = (masses: Masses) =>
    strengthOfWeighed(active, stock.strength, masses.stock, masses.water);
  return {
    parts,
    filled,
    meant,
    poured: poured as Weighed,
    current,
    band,
    now,
    begun,
    done,
    weighing,
    corrected,
    over: weighing && now > band.to + SLACK,
    reached: now >= band.from - SLACK,
    whole: strengthOf(meant),
    strength: standing.stock > LEAST_STOCK ? strengthOf(standing).strength : undefined,
    next: () => fill(current, how === 'scale' ? now : meant[current]),
    correct: () => correct(current, now),
  };
};
export type PourStepsState = ReturnType<typeof usePourSteps>;
