import './shelf.css';
import type { StockRow, StockUse } from '@zymostat/contract';
import {
  costOfCoat,
  costOfMinutes,
  costPerLitre,
  litresOf,
  parseFigure,
  type Application,
} from '@zymostat/core';
import { strengthOf } from '@zymostat/words';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { inMetric } from '../../ui/amounts.ts';
import { TextField } from '../../ui/form/Field.tsx';
import { money } from '../../ui/money.ts';
import { StandingNote } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { solutionsOf, type Solution } from './kinds.ts';
import type { LastWeeksProps } from './LastWeeks.tsx';
import { ShelfTabs } from './ShelfTabs.tsx';

interface Costed {
  of: Solution;
  /** m³ poured, and what its stock cost; nothing where a price is not known. */
  volume: number;
  spent: number | null;
  perLitre: number | null;
}

/** What each solution cost: nothing is said of one whose stock has no price. */
const costedOf = (stocks: readonly StockRow[], use: StockUse): Costed[] => {
  const prices = new Map(stocks.map(({ id, pricePerLitre }) => [id, pricePerLitre]));
  return solutionsOf(use).map((of) => {
    const volume = of.poured.reduce((sum, one) => sum + one.volume, 0);
    const costs = of.poured.map((one) => {
      const price = prices.get(one.stockId) ?? null;
      return price === null ? null : costPerLitre(price, one) * litresOf(one.volume);
    });
    const known = costs.every((cost) => cost !== null);
    const spent = known ? costs.reduce<number>((sum, cost) => sum + cost!, 0) : null;
    return { of, volume, spent, perLitre: spent === null ? null : spent / litresOf(volume) };
  });
};

const figureIn = (text: string): number | null => {
  const figure = parseFigure(text);
  return figure !== undefined && figure >= 0 ? figure : null;
};

const applications: Application[] = ['spray', 'cloth'];

const Table = ({ costed, currency }: { costed: readonly Costed[]; currency: Currency }) => (
  <table className="ledger mt-3 w-full">
    <thead>
      <tr>
        <th>{w.name('cost', 'solution')}</th>
        <th className="num">{w.name('cost', 'poured')}</th>
        <th className="num">{w.name('cost', 'spent')}</th>
        <th className="num">{w.name('cost', 'aLitre')}</th>
        {applications.map((one) => (
          <th key={one} className="num">
            {w.say('cost.aSquareMetre', { how: one })}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {costed.map(({ of, volume, spent, perLitre }) => (
        <tr key={of.key}>
          <td>
            {w.name('active', of.active)} {strengthOf(w, of.active, of.strength)}
          </td>
          <td className="num">{inMetric(volume)}</td>
          <td className="num">
            {spent === null ? w.name('cost', 'noPrice') : money(spent, currency)}
          </td>
          <td className="num">{perLitre !== null && money(perLitre, currency)}</td>
          {applications.map((application) => (
            <td key={application} className="num">
              {perLitre !== null && money(costOfCoat(perLitre, { area: 1, application }), currency)}
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
);
type Currency = string | null | undefined;

interface Totals {
  spent: number;
  litres: number;
  visits: StockUse['visits'];
  currency: Currency;
}

/** Per visit and in all, beside the minutes, which cost more than millilitres. */
const PerVisit = ({ spent, litres, visits, currency }: Totals) => {
  const [wage, setWage] = useState('');
  const [bought, setBought] = useState('');
  const [perHour, price] = [figureIn(wage), figureIn(bought)];
  const check = (text: string) =>
    text === '' || figureIn(text) !== null ? null : w.name('cost', 'figureAllowed');
  const { count, minutes } = visits;
  return (
    <>
      <p className="my-2">
        {w.say('cost.inAll', { spent: money(spent, currency), visits: count })}{' '}
        {count > 0 && w.say('cost.aVisit', { spent: money(spent / count, currency) })}{' '}
        {visits.surfaces > 0 &&
          w.say('cost.aSurface', { spent: money(spent / visits.surfaces, currency) })}
      </p>
      <p className="my-2">{w.say('cost.minutes', { minutes: Math.round(minutes) })}</p>
      <TextField
        label={w.say('cost.wage', { currency: currency ?? '' })}
        value={wage}
        onChange={setWage}
        check={check}
        figure
      />
      {perHour !== null && wage !== '' && (
        <p className="my-2" role="status">
          {w.say('cost.labour', { spent: money(costOfMinutes(minutes, perHour), currency) })}
        </p>
      )}
      <TextField
        label={w.say('cost.bought', { currency: currency ?? '' })}
        value={bought}
        onChange={setBought}
        check={check}
        figure
      />
      {price !== null && bought !== '' && (
        <p className="my-2" role="status">
          {w.say('cost.against', {
            bought: money(price * litres, currency),
            own: money(spent, currency),
          })}
        </p>
      )}
    </>
  );
};

/** What the last four weeks cost: liquids by what was paid for them, minutes by the rounds. */
const CostPage = ({ stocks, use }: LastWeeksProps) => {
  const { data: me } = useMeQuery();
  const currency = me?.company.currency;
  const costed = costedOf(stocks, use);
  const known = costed.filter(({ spent }) => spent !== null);
  const totals = {
    spent: known.reduce((sum, { spent }) => sum + spent!, 0),
    litres: known.reduce((sum, { volume }) => sum + litresOf(volume), 0),
    visits: use.visits,
    currency,
  };
  return (
    <main className="leaves leaves--even">
      <section className="leaf" aria-label={w.name('shelf', 'cost')}>
        <div className="headline">
          <h1>{w.name('shelf', 'cost')}</h1>
          <ShelfTabs />
        </div>
        <p className="soft mb-3">{w.name('cost', 'how')}</p>
        <PerVisit {...totals} />
      </section>
      <section className="sheet" aria-label={w.name('cost', 'bySolution')}>
        <h2>{w.name('cost', 'bySolution')}</h2>
        {costed.length === 0 && <p className="soft">{w.name('cost', 'nothing')}</p>}
        {costed.length > 0 && <Table costed={costed} currency={currency} />}
        {known.length < costed.length && (
          <p className="small soft mt-2">{w.name('cost', 'withoutPrice')}</p>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default CostPage;
