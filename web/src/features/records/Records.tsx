import { Link } from 'react-router';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { useKeys } from '../../ui/useKeys.ts';
import { walkKeys } from '../../ui/walk.ts';
import { w } from '../../words/words.ts';
import type { Filter } from './api.ts';
import { Proof } from './Proof.tsx';
import { RecordFilter } from './RecordFilter.tsx';
import { RecordList } from './RecordList.tsx';
import { RecordSheet } from './RecordSheet.tsx';
import { useRecords, type RecordsShown } from './useRecords.ts';

const exportLink = (type: 'csv' | 'json', filter: Filter): string => {
  const query = new URLSearchParams(
    Object.entries(filter)
      .filter(([, value]) => value !== undefined)
      .map(([key, value]) => [key, String(value)]),
  );
  if (type === 'csv') {
    // As the spreadsheet of whoever exports it reads times and numbers.
    const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
    query.set('zone', timeZone);
    query.set(
      'decimal',
      (1.5).toLocaleString(navigator.language).includes(',') ? 'comma' : 'point',
    );
  }
  return `/api/records.${type}${query.size > 0 ? `?${query}` : ''}`;
};

const Head = ({ filter }: RecordsShown) => (
  <div className="headline">
    <h1>{w.name('records', 'records')}</h1>
    <p className="flex gap-4">
      <Link className="btn btn--quiet" to="/records/trends">
        {w.name('trends', 'trends')}
      </Link>
      <a className="btn btn--quiet" href={exportLink('csv', filter)} download>
        {w.name('records', 'exportCsv')}
      </a>
      <a className="btn btn--quiet" href={exportLink('json', filter)} download>
        {w.name('records', 'exportJson')}
      </a>
    </p>
  </div>
);

const Pages = ({ newer, older }: RecordsShown) => (
  <p className="my-4 flex gap-5">
    {newer && (
      <button className="btn btn--quiet" onClick={newer}>
        {w.name('records', 'newer')}
      </button>
    )}
    {older && (
      <button className="btn btn--quiet" onClick={older}>
        {w.name('records', 'older')}
      </button>
    )}
  </p>
);

/** What happened, unaltered, in order. */
const Records = () => {
  const shown = useRecords();
  const { rows, chosen, choose, none, day, error } = shown;
  const ids = rows.map(({ seq }) => String(seq));
  useKeys(walkKeys(ids, chosen && String(chosen.seq), choose));
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('records', 'records')}>
        <Head {...shown} />
        <Proof />
        <RecordFilter {...shown} />
        <WentWrong error={error} />
        {none && (
          <p className="soft">{w.say('records.nothingWasRecorded', { day: day ? 'yes' : 'no' })}</p>
        )}
        <RecordList {...shown} />
        <Pages {...shown} />
      </section>
      <section className="sheet" aria-label={w.name('records', 'theRecord')}>
        {chosen && <RecordSheet row={chosen} />}
        <StandingNote />
      </section>
    </main>
  );
};
export default Records;
