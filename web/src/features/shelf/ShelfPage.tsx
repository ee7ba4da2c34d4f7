import './shelf.css';
import type { StockRow } from '@zymostat/contract';
import { strengthOf } from '@zymostat/words';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { serverNow } from '../../api/serverTime.ts';
import { useMeQuery } from '../../api/me.ts';
import { inMetric } from '../../ui/amounts.ts';
import { ListRow } from '../../ui/ListRow.tsx';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { Photos } from '../photos/Photos.tsx';
import { useStockQuery } from '../stock/api.ts';
import { ByNow } from './ByNow.tsx';
import { ShelfTabs } from './ShelfTabs.tsx';
import { Receive } from './Receive.tsx';
import { Tell } from './Tell.tsx';

const NEW = 'new';

const isPast = ({ expiresAt }: StockRow): boolean => expiresAt <= serverNow();
const leftOf = ({ left, volume }: StockRow): string =>
  w.say('shelf.left', { left: inMetric(left), volume: inMetric(volume) });
const dayLine = (of: StockRow): string =>
  w.say(isPast(of) ? 'shelf.expired' : 'shelf.goodUntil', { day: dayOf(of.expiresAt) });

/** How it stands: gone, used up by the record, opened, or as it came. */
const standing = ({ gone, goneAt, left, openedAt }: StockRow): string => {
  if (gone) return w.say(`shelf.${gone}`, { day: dayOf(goneAt!) });
  if (left === 0) return w.name('shelf', 'nothingLeft');
  if (openedAt === null) return w.name('shelf', 'closed');
  return w.say('shelf.openedOn', { day: dayOf(openedAt) });
};

interface RowProps {
  of: StockRow;
  chosen: boolean;
  onChoose: () => void;
}

const Row = ({ of, chosen, onChoose }: RowProps) => (
  <ListRow chosen={chosen} onChoose={onChoose}>
    <span className="block w-full">
      <span className="flex items-baseline gap-3">
        <span className="fig">{of.code}</span>
        <b className="min-w-0 flex-1 truncate font-semibold">{of.name}</b>
        <span className="fig">{leftOf(of)}</span>
      </span>
      <span className="small soft block">
        {dayLine(of)} · {standing(of)}
      </span>
    </span>
  </ListRow>
);

const strengthLine = ({ active, strength }: StockRow): string =>
  active === 'registered product'
    ? w.name('active', active)
    : `${w.name('active', active)} ${strengthOf(w, active, strength)}`;

const Sheet = ({ of }: { of: StockRow }) => (
  <>
    <p className="crumb">
      <b className="fig">{of.code}</b> · {strengthLine(of)}
      {of.lot && ` · ${of.lot}`}
      {of.supplier && ` · ${of.supplier}`}
    </p>
    <Verdict say={`${of.name}: ${leftOf(of)}`} why={`${dayLine(of)} · ${standing(of)}`} />
    {of.gone === null && <Tell key={of.id} of={of} />}
    {of.gone === null && of.active !== 'registered product' && <ByNow of={of} />}
    <Photos key={`photos of ${of.id}`} of={{ what: 'stock', id: of.id }} />
  </>
);

const Received = ({ made, onDone }: { made: StockRow[]; onDone: (made: StockRow[]) => void }) => (
  <>
    <h1>{w.name('shelf', 'whatCameIn')}</h1>
    <p className="soft mb-4">{w.name('shelf', 'asItSays')}</p>
    {made.length > 0 && (
      <p className="notice mb-4" role="status">
        {w.say('shelf.received', {
          count: made.length,
          codes: listOf(made.map(({ code }) => code)),
        })}
      </p>
    )}
    <Receive onDone={onDone} />
  </>
);

/** What is to be used first stands on top. */
const firstToGo = (a: StockRow, b: StockRow): number => a.expiresAt - b.expiresAt;

/** What stands on the shelf by the record, and what comes in. */
const ShelfPage = () => {
  const { data: me } = useMeQuery();
  const { data: stocks = [], error } = useStockQuery();
  const [search, setSearch] = useSearchParams();
  const [made, setMade] = useState<StockRow[]>([]);
  const there = stocks.filter(({ gone }) => gone === null).sort(firstToGo);
  const gone = stocks.filter((one) => one.gone !== null);
  const of = search.get('of') ?? there[0]?.id ?? NEW;
  const chosen = stocks.find(({ id }) => id === of);
  const choose = (id: string) => setSearch({ of: id }, { replace: true });
  const row = (one: StockRow) => (
    <Row key={one.id} of={one} chosen={one.id === of} onChoose={() => choose(one.id)} />
  );
  const supervisor = me?.person.role === 'supervisor';
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('shelf', 'shelf')}>
        <div className="headline">
          <h1>{w.name('shelf', 'shelf')}</h1>
          {supervisor && (
            <button className="btn" onClick={() => choose(NEW)}>
              {w.name('shelf', 'receive')}
            </button>
          )}
        </div>
        {supervisor && <ShelfTabs />}
        <p className="soft mb-3" role="status">
          {w.say('shelf.howMany', { count: there.length, expired: there.filter(isPast).length })}
        </p>
        <WentWrong error={error} />
        <ul className="list">{there.map(row)}</ul>
        {gone.length > 0 && (
          <details className="mt-3">
            <summary className="soft min-h-8 cursor-pointer">
              {w.say('shelf.gone', { count: gone.length })}
            </summary>
            <ul className="list">{gone.map(row)}</ul>
          </details>
        )}
      </section>
      <section className="sheet" aria-label={chosen?.name ?? w.name('shelf', 'whatCameIn')}>
        {chosen ? (
          <Sheet of={chosen} />
        ) : (
          supervisor && (
            <Received
              made={made}
              onDone={(now) => {
                setMade(now);
                choose(NEW);
              }}
            />
          )
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default ShelfPage;
