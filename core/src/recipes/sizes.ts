import type { Recipe } from './line.ts';
import { byVolume, contentOfItem, USUAL_BOTTLE, volumeOf, type Placed } from './placed.ts';
import type { Problem } from './problem.ts';

const USUAL_BATCH = 0.5;

const SUM_SLACK = 0.001;

interface Sizes {
  bottle?: number;
  batch?: number;
}

export const sizesIn = ({ lines }: Recipe): Sizes => {
  const sizes = lines.filter((line) => line.kind === 'size');
  return {
    bottle: sizes.find(({ volume }) => volume !== undefined)?.volume,
    batch: sizes.find(({ mass }) => mass !== undefined)?.mass,
  };
};

type Shares = { ok: true; ofBottle: number; ofBatch: number } | { ok: false; problem: Problem };

/**
 * What the shares of a recipe are shares of: by volume of the bottle, by weight of the batch. They
 * add up to all of it.
 */
export const sharesOf = (placed: readonly Placed[], { bottle, batch }: Sizes): Shares => {
  const shares = placed.flatMap(({ item: { amount } }) =>
    amount.kind === 'share' ? [amount] : [],
  );
  const sum = shares.reduce((total, { value }) => total + value, 0);
  const row = placed[0]!.row;
  const whole = Math.abs(sum - 1) <= SUM_SLACK;
  const byWeight = shares.some(({ by }) => by === 'weight');
  if (byWeight && shares.some(({ by }) => by !== 'weight'))
    return { ok: false, problem: { row, code: 'shares-mixed', found: '' } };
  // Parts of a bottle that is known need not fill it; shares of a batch must.
  if (shares.length > 0 && !whole && (byWeight || bottle === undefined)) {
    const code = byWeight || shares.length > 1 ? 'shares-sum' : 'bottle-size';
    return { ok: false, problem: { row, code, found: `${Number((sum * 100).toFixed(2))} %` } };
  }
  const filling = bottle !== undefined && byWeight ? bottle / volumeOfKilogram(placed) : undefined;
  return { ok: true, ofBottle: bottle ?? USUAL_BOTTLE, ofBatch: batch ?? filling ?? USUAL_BATCH };
};

/** m³ that a kilogram of shares by weight takes up, mixed. */
const volumeOfKilogram = (placed: readonly Placed[]): number =>
  volumeOf(
    placed.flatMap((one) => {
      const { amount } = one.item;
      return amount.kind === 'share'
        ? [byVolume(one, amount.value / contentOfItem(one.item).density, 'by eye')]
        : [];
    }),
  );
