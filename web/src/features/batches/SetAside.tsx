import type { BatchRow, StockRow } from '@zymostat/contract';
import { inMillilitres, putRight } from '@zymostat/core';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';

interface Props {
  batch: BatchRow;
  stock: StockRow | undefined;
  /** Bottles were filled from it. */
  bottled: boolean;
}

const rightOf = ({ batch, stock, bottled }: Props) =>
  stock && !bottled && batch.measured !== null
    ? putRight({
        active: batch.active,
        stock: stock.strength,
        measured: batch.measured,
        meant: batch.strength,
        volume: batch.volume,
      })
    : null;

/**
 * What would put a batch right that was found out of strength: it is checked again before anybody
 * uses it.
 */
export const SetAside = (props: Props) => {
  const { batch, stock, bottled } = props;
  if (bottled) return <p className="mb-2">{w.name('bench', 'bottlesWereFilledFromIt')}</p>;
  const right = rightOf(props);
  if (!right || !stock) return <p className="mb-2">{w.name('bench', 'nothingAtHandPutsIt')}</p>;
  return (
    <p className="mb-2">
      {rich('bench.addMlOfToAll', {
        b: (text) => <b className="fig">{text}</b>,
        volume: inMillilitres(right.volume).toFixed(0),
        add: right.add === 'stock' ? `${stock.name}, ${stock.code}` : w.name('component', 'water'),
        volume2: inMillilitres(batch.volume).toFixed(0),
      })}
    </p>
  );
};
