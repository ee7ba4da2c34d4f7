import type { PlaceItem, PlacedThing } from '@zymostat/contract';
import { productIds, type Product, type ProductId } from '@zymostat/core';
import { w } from '../../words/words.ts';
import { useBottlesQuery } from '../batches/api.ts';
import { useShelf } from '../stock/useShelf.ts';

/** What stands somewhere, as the book judges it. */
export const asProduct = ({ groups, strength }: PlaceItem): Product => ({
  groups,
  ...(groups.includes('peroxide') && strength !== null ? { strength } : {}),
});

/** Our stock by its own name; what has none is called by its kind. */
const calledOf = ({ is, of, name, code }: PlaceItem): string => {
  if (is === 'stock') return name;
  if (is === 'kind') return w.name('product', of as ProductId);
  return name === code ? w.name('apart', 'bottleWashed') : w.say('apart.bottleOf', { batch: name });
};

export const nameOf = (item: PlaceItem): string =>
  item.code ? `${calledOf(item)}, ${item.code}` : calledOf(item);

/** Something that could be put somewhere: `is` and `id` in one value, for a list. */
export interface Choosable {
  value: string;
  name: string;
}

export const thingOf = (value: string): PlacedThing => {
  const [is, id] = value.split(' ') as [PlacedThing['is'], string];
  return is === 'kind' ? { is, id: id as ProductId } : { is, id };
};

/** Kinds that stand on no shelf. */
const nowhere = new Set<ProductId>(['water', 'urine', 'cistern-tablet']);

/** What could be put somewhere: our stock, bottles, and the kinds of things that have no code. */
export const useThings = (): Choosable[] => {
  const stocks = useShelf() ?? [];
  const { data: bottles = [] } = useBottlesQuery();
  return [
    ...stocks.map(({ id, name, code }) => ({ value: `stock ${id}`, name: `${name}, ${code}` })),
    ...bottles.map(({ id, code, heldSinceWash }) => ({
      value: `bottle ${id}`,
      name: w.say('apart.bottle2', {
        code,
        heldSinceWash: heldSinceWash ? heldSinceWash.batchCode : w.name('apart', 'emptyBottle'),
      }),
    })),
    ...productIds
      .filter((id) => !nowhere.has(id))
      .map((id) => ({ value: `kind ${id}`, name: w.name('product', id) })),
  ];
};
