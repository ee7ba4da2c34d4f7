import { isGeneric, productOf } from '@zymostat/core';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { useBatchesQuery, useBottlesQuery } from '../batches/api.ts';
import { isSameCode } from '../../ui/codes.ts';
import { kinds, usePickables, type Pickable } from '../book/pickables.ts';
import { useStockQuery } from '../stock/api.ts';

const kindOf = (key: string, as: Pick<Pickable, 'key' | 'name'>): Pickable => ({
  ...kinds.find((one) => one.key === key)!,
  ...as,
});

/**
 * What a code on a label stands for. A code that nobody knows is an unlabelled bottle: never with
 * anything.
 */
export const useCodes = () => {
  const { own } = usePickables();
  const { data: batches = [] } = useBatchesQuery();
  const { data: bottles = [] } = useBottlesQuery();
  const { data: stocks = [] } = useStockQuery();
  return (typed: string): Pickable | undefined => {
    const code = typed.trim();
    if (code === '') return undefined;
    const stock = stocks.find((one) => isSameCode(one.code, code));
    if (stock) return own.find(({ key }) => key === stock.id);
    const bottle = bottles.find((one) => isSameCode(one.code, code));
    const held = bottle?.heldSinceWash;
    if (bottle && !held)
      return kindOf('water', {
        key: bottle.code,
        name: w.say('apart.washedAndEmpty', { code: bottle.code }),
      });
    const batch = batches.find((one) => isSameCode(one.code, held?.batchCode ?? code));
    const inside = held ?? batch;
    if (!inside)
      return kindOf('unlabelled-bottle', {
        key: code,
        name: w.say('apart.notKnownHere', { code }),
      });
    const known = bottle?.code ?? batch?.code ?? code;
    return {
      key: known,
      name: `${known}, ${listOf(inside.groups.map((group) => w.name('group', group)))}`,
      product: productOf(inside),
      family: undefined,
      own: isGeneric(inside.active),
    };
  };
};
