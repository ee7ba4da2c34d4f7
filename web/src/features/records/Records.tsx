import { rich } from '../../words/rich.tsx';
import { recordKinds, type RecordKind, type RecordRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Filter } from './api.ts';
import { useHomesQuery } from '../homes/api.ts';
import { useRecordsQuery } from './api.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { Choice } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { dateOf, timeOf } from '../../ui/times.ts';
import { walkKeys } from '../../ui/walk.ts';
import { RecordSheet } from './RecordSheet.tsx';
import { recordInWords } from '@zymostat/words';

const DAY = 86_400_000;

/** The span of a local day written "2026-11-24". */
const spanOf = (day: string | null): Pick<Filter, 'from' | 'to'> => {
  const start = day ? new Date(`${day}T00:00`).getTime() : NaN;
  return Number.isNaN(start) ? {} : { from: start, to: start + DAY };
};

const exportLink = (type: 'csv' | 'json', filter: Filter): string => {
  const query = new URLSearchParams(
    Object.entries(filter)
      .filter(([, value]) => value !== undefined)
      .map(([key, value]) => [key, String(value)]),
  );
  return `/api/records.${type}${query.size > 0 ? `?${query}` : ''}`;
};

const Line = ({
  row,
  chosen,
  onChoose,
}: {
  row: RecordRow;
  chosen: boolean;
  onChoose: () => void;
}) => {
  const { what, note } = recordInWords(w, row);
  return (
    <li>
      <button
        className={`list__row ${chosen ? 'on-ink' : ''}`}
        aria-current={chosen || undefined}
        onClick={onChoose}
      >
        <span className="grid grid-cols-[44px_1fr] items-baseline gap-x-3">
          <span className="fig small soft">{timeOf(row.at)}</span>
          <span>
            <b className="font-semibold">{w.name('record', row.kind)}</b> · {what}
          </span>
          <span className="small soft col-start-2">
            {[row.homeName, row.person, note].filter(Boolean).join(' · ')}
          </span>
        </span>
      </button>
    </li>
  );
};

/** What happened, unaltered, in order. */
const Records = () => {
  const [search, setSearch] = useSearchParams();
  const { data: homes = [] } = useHomesQuery();
  const [before, setBefore] = useState<number[]>([]);
  const [chosenSeq, choose] = useState<string>();
  const homeId = search.get('home') ?? undefined;
  const kind = (search.get('kind') as RecordKind | null) ?? undefined;
  const day = search.get('day') ?? '';
  const filter: Filter = { homeId, kind, ...spanOf(day) };
  const { data, error } = useRecordsQuery({ ...filter, before: before.at(-1) });
  const rows = data?.rows ?? [];
  const chosen = rows.find((row) => String(row.seq) === chosenSeq) ?? rows[0];
  useKeys(
    walkKeys(
      rows.map((row) => String(row.seq)),
      chosen && String(chosen.seq),
      choose,
    ),
  );

  const narrow = (key: string) => (value: string | null) => {
    const next = new URLSearchParams(search);
    if (value) next.set(key, value);
    else next.delete(key);
    setBefore([]);
    setSearch(next, { replace: true });
  };
  const days = [...new Set(rows.map((row) => dateOf(row.at)))];
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('records', 'records')}>
        <div className="headline">
          <h1>{w.name('records', 'records')}</h1>
          <p className="flex gap-4">
            <a className="btn btn--quiet" href={exportLink('csv', filter)} download>
              {w.name('records', 'exportCsv')}
            </a>
            <a className="btn btn--quiet" href={exportLink('json', filter)} download>
              {w.name('records', 'exportJson')}
            </a>
          </p>
        </div>
        <div className="mb-4 grid grid-cols-1 gap-3 sm:grid-cols-3">
          <Choice
            label={w.name('records', 'home')}
            value={homeId ?? null}
            onChange={narrow('home')}
            options={[
              { value: null, name: w.name('records', 'allHomes') },
              ...homes.map((home) => ({ value: home.id, name: `${home.name}, ${home.place}` })),
            ]}
          />
          <TextField
            label={w.name('records', 'day')}
            type="date"
            value={day}
            onChange={narrow('day')}
          />
          <Choice
            label={w.name('records', 'kind')}
            value={kind ?? null}
            onChange={narrow('kind')}
            options={[
              { value: null, name: w.name('records', 'everything') },
              ...recordKinds.map((one) => ({ value: one, name: w.name('record', one) })),
            ]}
          />
        </div>
        <WentWrong error={error} />
        {data && rows.length === 0 && (
          <p className="soft">
            {rich('records.nothingWasRecorded', { day: day && w.name('records', 'thatDay') })}
          </p>
        )}
        {days.map((date) => (
          <section key={date} aria-label={date}>
            <h3 className="mt-3 mb-1">{date}</h3>
            <ol className="list">
              {rows
                .filter((row) => dateOf(row.at) === date)
                .map((row) => (
                  <Line
                    key={row.seq}
                    row={row}
                    chosen={row === chosen}
                    onChoose={() => choose(String(row.seq))}
                  />
                ))}
            </ol>
          </section>
        ))}
        <p className="my-4 flex gap-5">
          {before.length > 0 && (
            <button className="btn btn--quiet" onClick={() => setBefore(before.slice(0, -1))}>
              {w.name('records', 'newer')}
            </button>
          )}
          {data?.more && (
            <button
              className="btn btn--quiet"
              onClick={() => setBefore([...before, rows.at(-1)!.seq])}
            >
              {w.name('records', 'older')}
            </button>
          )}
        </p>
      </section>
      <section className="sheet" aria-label={w.name('records', 'theRecord')}>
        {chosen && <RecordSheet row={chosen} />}
        <StandingNote />
      </section>
    </main>
  );
};
export default Records;
