import type { Body, StockRow } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import { turnToAppend } from '../records/service.ts';
import { tellReceived } from './received.ts';
import * as store from './store.ts';

export { draw } from './shelf.ts';
export { strengthOfStock } from './strength.ts';
export { stockById, stocksAtHand } from './store.ts';

const productCode = (n: number): string => `P-${String(n).padStart(4, '0')}`;

/** Enters a registered product: it is used as sold, and may do what its label grants. */
export const addProduct = async (
  context: Context,
  { expiresAt, ...fields }: Body<'addProduct'>,
  person: Person,
): Promise<StockRow> => {
  const id = context.newId();
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const code = productCode((await store.countOfProducts(inside)) + 1);
    const sold = { active: 'registered product', strength: 1 } as const;
    await store.addStock(inside, {
      id,
      code,
      ...sold,
      ...fields,
      left: fields.volume,
      expiresAt: new Date(expiresAt),
    } as Parameters<typeof store.addStock>[1]);
    const { name, volume } = fields;
    const said = { stockId: id, code, name, ...sold, volume, expiresAt };
    await tellReceived(inside, { ...said, lot: null, supplier: null }, person);
  });
  return (await store.stockById(context, id))!;
};

/**
 * Changes what was entered of a label. What was approved by the old one is flagged where it no
 * longer holds.
 */
export const editProduct = async (
  context: Context,
  id: string,
  { expiresAt, ...fields }: Body<'editProduct'>,
  seen: number,
): Promise<StockRow> => {
  const to = { ...fields, expiresAt: new Date(expiresAt) } as Parameters<
    typeof store.changeProduct
  >[2];
  await within(context, async (inside) => {
    const product = await store.holdProduct(inside, id);
    if (!product) throw problems.notFound('product');
    const { revision = 0 } = product;
    if (seen < revision) throw problems.conflict('changed-since');
    await store.changeProduct(inside, id, { ...to, revision: revision + 1 });
  });
  return (await store.stockById(context, id))!;
};
