import { recordKindNames, recordKinds, type RecordKind, type RecordRow } from '@zymostat/contract';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, type Filter } from '../../app/api.ts';
import { useKeys } from '../../app/useKeys.ts';
import { Choice } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { dateOf, timeOf } from '../../ui/times.ts';
import { walkKeys } from '../../ui/walk.ts';
import { RecordSheet } from './RecordSheet.tsx';
import { lineOf } from './words.ts';

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
  const { what, note } = lineOf(row);
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
            <b className="font-semibold">{recordKindNames[row.kind]}</b> · {what}
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
  const { data: homes = [] } = api.useHomesQuery();
  const [before, setBefore] = useState<number[]>([]);
  const [chosenSeq, choose] = useState<string>();
  const homeId = search.get('home') ?? undefined;
  const kind = (search.get('kind') as RecordKind | null) ?? undefined;
  const day = search.get('day') ?? '';
  const filter: Filter = { homeId, kind, ...spanOf(day) };
  const { data, error } = api.useRecordsQuery({ ...filter, before: before.at(-1) });
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
      <section className="leaf" aria-label="Records">
        <div className="headline">
          <h1>Records</h1>
          <p className="flex gap-4">
            <a className="btn btn--quiet" href={exportLink('csv', filter)} download>
              Export CSV
            </a>
            <a className="btn btn--quiet" href={exportLink('json', filter)} download>
              Export JSON
            </a>
          </p>
        </div>
        <div className="mb-4 grid grid-cols-1 gap-3 sm:grid-cols-3">
          <Choice
            label="Home"
            value={homeId ?? null}
            onChange={narrow('home')}
            options={[
              { value: null, name: 'all homes' },
              ...homes.map((home) => ({ value: home.id, name: `${home.name}, ${home.place}` })),
            ]}
          />
          <TextField label="Day" type="date" value={day} onChange={narrow('day')} />
          <Choice
            label="Kind"
            value={kind ?? null}
            onChange={narrow('kind')}
            options={[
              { value: null, name: 'everything' },
              ...recordKinds.map((one) => ({ value: one, name: recordKindNames[one] })),
            ]}
          />
        </div>
        <WentWrong error={error} />
        {data && rows.length === 0 && (
          <p className="soft">Nothing was recorded{day && ' that day'}.</p>
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
              Newer
            </button>
          )}
          {data?.more && (
            <button
              className="btn btn--quiet"
              onClick={() => setBefore([...before, rows.at(-1)!.seq])}
            >
              Older
            </button>
          )}
        </p>
      </section>
      <section className="sheet" aria-label="The record">
        {chosen && <RecordSheet row={chosen} />}
        <StandingNote />
      </section>
    </main>
  );
};
export default Records;
