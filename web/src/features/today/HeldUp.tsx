import type { RecordRow } from '@zymostat/contract';
import { recordInWords } from '@zymostat/words';
import { Link } from 'react-router';
import { timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';

const kindOf = (row: RecordRow): string => {
  if (row.kind !== 'wet-time') return w.name('record', row.kind);
  if (row.body.event === 'found-dry') return w.name('today', 'foundDry');
  return row.body.outcome === 'not-shown'
    ? w.name('today', 'notShown')
    : w.name('today', 'wipedEarly');
};

/** What was refused, not met, not shown or nearly went wrong, as it happens. */
export const HeldUp = ({ rows }: { rows: readonly RecordRow[] }) => (
  <section aria-label={w.name('today', 'heldUp')}>
    <h2 className="mt-5 mb-1">{w.name('today', 'heldUp')}</h2>
    {rows.length === 0 && <p className="soft">{w.name('today', 'nothingHeldUp')}</p>}
    <ol className="list">
      {rows.map((row) => {
        const { what, note } = recordInWords(w, row);
        return (
          <li key={row.seq}>
            <Link
              className="list__row grid grid-cols-[52px_1fr] gap-x-3"
              to={`/records?row=${row.seq}`}
            >
              <span className="fig small soft">{timeOf(row.at)}</span>
              <span>
                <b className="font-semibold">{kindOf(row)}</b> · {what}
                <span className="small soft block">
                  {[row.homeName, row.person, note].filter(Boolean).join(' · ')}
                </span>
              </span>
            </Link>
          </li>
        );
      })}
    </ol>
  </section>
);
