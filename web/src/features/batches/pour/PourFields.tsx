import type { StockRow } from '@zymostat/contract';
import { activeFacts, isGeneric, type Purpose } from '@zymostat/core';
import { lower } from '@zymostat/words';
import { aStrength, aVolume } from '../../../ui/form/checks.ts';
import { Choice, Segments } from '../../../ui/form/Choice.tsx';
import { TextField } from '../../../ui/form/Field.tsx';
import { w } from '../../../words/words.ts';
import type { Asked } from './usePour.ts';

interface Props {
  stocks: StockRow[];
  asked: Asked;
  ask: (to: Partial<Omit<Asked, 'stock'>>) => void;
  onStock: (id: string) => void;
}

const purposes: Purpose[] = ['disinfect', 'clean'];

const Strength = ({ asked, ask }: Pick<Props, 'asked' | 'ask'>) => {
  const { active } = asked.stock;
  const { basis } = activeFacts[active];
  if (!isGeneric(active))
    return <p className="small soft self-end pb-2">{w.name('bench', 'usedAsSoldByIts')}</p>;
  return (
    <TextField
      label={w.say('bench.strength2', { basis })}
      value={asked.target}
      onChange={(target) => ask({ target })}
      check={aStrength(basis)}
      figure
    />
  );
};

/** Stock, purpose, strength and amount: nothing is sent off, everything answers as it is typed. */
export const PourFields = ({ stocks, asked, ask, onStock }: Props) => (
  <div className="my-3 grid max-w-[640px] grid-cols-1 gap-4 sm:grid-cols-2">
    <Choice
      label={w.name('bench', 'stock')}
      value={asked.stock.id}
      onChange={onStock}
      options={stocks.map((one) => ({ value: one.id, name: `${one.name}, ${one.code}` }))}
    />
    <Segments
      label={w.name('bench', 'to')}
      value={asked.purpose}
      onChange={(purpose) => ask({ purpose })}
      options={purposes.map((one) => ({ value: one, name: lower(w.name('goal', one)) }))}
    />
    <Strength asked={asked} ask={ask} />
    <TextField
      label={w.name('bench', 'howMuch')}
      value={asked.amount}
      onChange={(amount) => ask({ amount })}
      check={aVolume}
      figure
      hint={w.name('bench', 'asYouWouldSayIt')}
    />
  </div>
);
