import './shelf.css';
import type { StockRow, StockUse } from '@zymostat/contract';
import { parseFigure } from '@zymostat/core';
import { stringify } from 'csv-stringify/browser/esm/sync';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { inMetric } from '../../ui/amounts.ts';
import { TextField } from '../../ui/form/Field.tsx';
import { StandingNote } from '../../ui/parts.tsx';
import { save } from '../../ui/saveFile.ts';
import { dateFieldOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { linesOf, priceOf, type Days, type Line } from './buyLines.ts';
import { BuyRow } from './BuyRow.tsx';
import type { LastWeeksProps } from './LastWeeks.tsx';
import { ShelfTabs } from './ShelfTabs.tsx';
import { Tomorrow } from './Tomorrow.tsx';

const MOST_DAYS = 90;

/** Days as somebody typed them; what cannot be read is not taken for anything. */
const daysIn = (text: string): number | null => {
  const days = parseFigure(text);
  return days !== undefined && days >= 0 && days <= MOST_DAYS ? Math.round(days) : null;
};

/** The list as a spreadsheet takes it: what, how many, how much each, by when, for how much. */
const saveList = (lines: readonly Line[], use: StockUse): void => {
  const head = (['what', 'packs', 'packHolds', 'orderBy', 'price'] as const).map((one) =>
    w.name('buyColumn', one),
  );
  const rows = lines
    .filter(({ need }) => need.packs > 0)
    .map((line) => [
      line.kind.name,
      line.need.packs,
      inMetric(line.kind.pack),
      dateFieldOf(Math.max(use.now, line.need.orderBy!)),
      priceOf(line)?.toFixed(2) ?? '',
    ]);
  const text = stringify([head, ...rows], { record_delimiter: '\r\n', escape_formulas: true });
  save(`${w.name('buy', 'file')}-${dateFieldOf(use.now)}.csv`, 'text/csv', text);
};

const List = ({ stocks, use, days }: ListProps) => {
  const { data: me } = useMeQuery();
  const lines = days ? linesOf(stocks, use, days) : [];
  return (
    <section className="sheet printed" aria-label={w.name('buy', 'list')}>
      <div className="headline">
        <h2>{w.name('buy', 'list')}</h2>
        <span className="flex gap-4">
          <button className="btn btn--quiet" onClick={() => saveList(lines, use)}>
            {w.name('buy', 'csv')}
          </button>
          <button className="btn btn--quiet" onClick={() => print()}>
            {w.name('lists', 'print')}
          </button>
        </span>
      </div>
      {use.poured.length === 0 && (
        <p className="notice" role="status">
          {w.name('buy', 'nothingKnown')}
        </p>
      )}
      <ul>
        {days &&
          lines.map((line) => (
            <BuyRow
              key={line.kind.key}
              line={line}
              use={use}
              days={days}
              currency={me?.company.currency}
            />
          ))}
      </ul>
      <StandingNote />
    </section>
  );
};
interface ListProps {
  stocks: StockRow[];
  use: StockUse;
  days: Days | null;
}

/** What to buy and by when, at the pace of the heaviest of the last weeks. */
const BuyPage = ({ stocks, use }: LastWeeksProps) => {
  const [lead, setLead] = useState('7');
  const [cover, setCover] = useState('28');
  const [leadDays, coverDays] = [daysIn(lead), daysIn(cover)];
  const days = leadDays !== null && coverDays !== null ? { leadDays, coverDays } : null;
  const check = (text: string) => (daysIn(text) === null ? w.name('buy', 'daysAllowed') : null);
  return (
    <main className="leaves leaves--even">
      <section className="leaf" aria-label={w.name('shelf', 'toBuy')}>
        <div className="headline">
          <h1>{w.name('shelf', 'toBuy')}</h1>
          <ShelfTabs />
        </div>
        <p className="soft mb-3">
          {w.name('buy', 'how')} {use.planned.length > 0 && w.name('buy', 'plannedCounts')}
        </p>
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={w.name('buy', 'leadDays')}
            value={lead}
            onChange={setLead}
            check={check}
            figure
          />
          <TextField
            label={w.name('buy', 'coverDays')}
            value={cover}
            onChange={setCover}
            check={check}
            figure
          />
        </div>
        <Tomorrow use={use} />
      </section>
      <List use={use} days={days} stocks={stocks} />
    </main>
  );
};
export default BuyPage;
