import { coats } from '../reference/roomAir.ts';
import type { TreatedRoom, TreatedSurface } from '../protocol/buildProtocol.ts';
import { visitCloths } from '../protocol/visitCloths.ts';
import { visitWipes, type VisitWipes } from '../protocol/visitWipes.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import type { ClothCount } from '../jobs/cloths.ts';
import type { CoatHolds } from '../round/coatHolds.ts';
import { litresOf } from '../units/volume.ts';
import { fewestRewets } from './rewets.ts';

/** So much of one solution, m³. */
export interface SolutionAmount {
  stockId: string;
  active: NonNullable<TreatedSurface['treatment']>['active'];
  /** Fraction. */
  strength: number;
  volume: number;
}

/** What a visit takes along. */
export interface VisitLoad {
  amounts: SolutionAmount[];
  wipes: Pick<VisitWipes, 'active' | 'strength' | 'count'>[];
  cloths: ClothCount;
}

/** Coats that a surface takes: of what nobody knows how it dries, one more than one. House rule. */
const coatsOf = ({ id, treatment }: TreatedSurface, holds: CoatHolds): number => {
  const { seconds } = treatment!;
  const coat = holds[id] ?? 0;
  if (seconds === 0 || coat >= seconds) return 1;
  if (coat === 0) return 2;
  return 1 + fewestRewets({ kind: 'hold', wet: seconds, rewetEvery: coat, rewetWork: 1 });
};

const isSame = (a: SolutionAmount, b: SolutionAmount): boolean =>
  a.stockId === b.stockId && a.strength === b.strength;

/** Amounts of the same put together, in the order in which they come. */
export const addUp = (amounts: readonly SolutionAmount[]): SolutionAmount[] => {
  const sums: SolutionAmount[] = [];
  for (const one of amounts) {
    const known = sums.find((other) => isSame(one, other));
    if (known) known.volume += one.volume;
    else sums.push({ ...one });
  }
  return sums;
};

/**
 * What one visit by a protocol takes along: of each solution a film on every surface for each of its
 * coats, wipes and clean cloths. Source of the film: `coats`.
 */
export const visitLoad = (
  rooms: readonly TreatedRoom[],
  holds: CoatHolds,
  rules: HouseRules,
): VisitLoad => {
  const treated = rooms.flatMap(({ surfaces }) => surfaces.filter(({ treatment }) => treatment));
  const amounts = treated.map((surface): SolutionAmount => {
    const { stockId, active, strength, application } = surface.treatment!;
    const volume = coats[application] * surface.area * coatsOf(surface, holds);
    return { stockId, active, strength, volume };
  });
  return {
    amounts: addUp(amounts),
    wipes: visitWipes(rooms, rules).map(({ active, strength, count }) => ({
      active,
      strength,
      count,
    })),
    cloths: visitCloths(rooms),
  };
};

/** A container as far as its price goes: what a litre of it was paid. */
export interface PricedStock {
  id: string;
  /** Fraction. */
  strength: number;
  pricePerLitre: number | null;
}

/** How much of a stock so much of a solution takes, m³: by strength, at most as much. An estimate. */
export const takenOfStock = (
  { volume, strength }: Pick<SolutionAmount, 'volume' | 'strength'>,
  stockStrength: number,
): number => volume * Math.min(1, strength / stockStrength);

/** What amounts cost by what their stock was paid; null where the price of one is not known. */
export const costOfAmounts = (
  amounts: readonly SolutionAmount[],
  stocks: readonly PricedStock[],
): number | null =>
  amounts.reduce<number | null>((sum, amount) => {
    const stock = stocks.find(({ id }) => id === amount.stockId);
    if (sum === null || !stock || stock.pricePerLitre === null) return null;
    return sum + litresOf(takenOfStock(amount, stock.strength)) * stock.pricePerLitre;
  }, 0);
