import type { BatchRow, StockRow } from '@zymostat/contract';
import { forbidden, type Reason } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { batchById } from '../batches/service.ts';
import { stockById } from '../stock/service.ts';

/** A batch that is poured over cloths or into a bath, and the stock that it came from. */
export interface Liquid {
  batch: BatchRow;
  stock: StockRow | null;
}
export const liquidOf = async (inside: Context, batchId: string): Promise<Liquid> => {
  const batch = await batchById(inside, batchId);
  return { batch, stock: (await stockById(inside, batch.stockId)) ?? null };
};

/** What speaks against so much (m³) of a batch, for something that disinfects or only cleans. */
export const liquidReasons = (
  inside: Context,
  { batch }: Liquid,
  { pour, disinfects }: { pour: number; disinfects: boolean },
): Reason[] => {
  const { volume, status, discardAfter, active } = batch;
  return [
    ...(status === 'set-aside' ? [forbidden('batch-set-aside', 'the check of this batch')] : []),
    ...(discardAfter <= inside.now()
      ? [forbidden('batch-expired', 'the batch’s label', { discardAfter })]
      : []),
    ...(status === 'unchecked' && disinfects && active !== 'registered product'
      ? [forbidden('batch-not-verified', 'house rule')]
      : []),
    // What stands in bottles of this batch may be poured over too: nobody counts what was sprayed.
    ...(pour > volume + 1e-9
      ? [forbidden('batch-too-small', 'the bench', { volume, wanted: pour })]
      : []),
  ];
};
