import { activeFacts } from '@zymostat/core';
import { strengthShort } from '@zymostat/words';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useBatchesQuery } from '../batches/api.ts';
import { useBookQuery } from '../book/api.ts';
import { useShelf } from '../stock/useShelf.ts';
import { listOf } from '../../words/list.ts';

interface Ends {
  id: string;
  code: string;
  what: string;
  at: number;
}

/** Mixtures and stock that run out before the day is over, soonest first. */
const useRunsOut = (from: number, to: number): Ends[] => {
  const { data: batches = [] } = useBatchesQuery();
  const stock = useShelf();
  const mixed = batches.map(({ id, code, active, strength, discardAfter: at }) => ({
    id,
    code,
    at,
    what: `${w.name('family', activeFacts[active].family)} ${strengthShort(w, active, strength)}`,
  }));
  const kept = (stock ?? []).map(({ id, code, name: what, expiresAt: at }) => ({
    id,
    code,
    at,
    what,
  }));
  return [...mixed, ...kept].filter(({ at }) => at >= from && at < to).sort((a, b) => a.at - b.at);
};

/** What is to be poured away today, and who has still to sign the book. */
export const RunsOut = ({ from, to }: { from: number; to: number }) => {
  const ends = useRunsOut(from, to);
  const { data: book } = useBookQuery();
  const unread = book?.readers.filter(({ edition }) => edition !== book.edition) ?? [];
  return (
    <>
      <h2 className="mt-4 mb-1">{w.name('today', 'runsOutToday')}</h2>
      {ends.length === 0 && <p className="soft">{w.name('today', 'nothingRunsOut')}</p>}
      {ends.length > 0 && (
        <table className="ledger">
          <thead>
            <tr>
              <th>{w.name('today', 'bottleOrBatch')}</th>
              <th>{w.name('today', 'what')}</th>
              <th>{w.name('today', 'pourAway')}</th>
            </tr>
          </thead>
          <tbody>
            {ends.map(({ id, code, what, at }) => (
              <tr key={id}>
                <td className="fig">{code}</td>
                <td>{what}</td>
                <td className="fig">{momentOf(at)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {unread.length > 0 && (
        <p className="mt-4">
          <b>{w.name('today', 'bookNotRead')}</b> {listOf(unread.map(({ name }) => name))}
        </p>
      )}
    </>
  );
};
