import type { BottleRow } from '@zymostat/contract';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';

type Event = BottleRow['history'][number];

const whatOf = ({ did, batchCode }: Event): string =>
  did === 'filled'
    ? w.say('bench.filledFrom', { batchCode: batchCode ?? '' })
    : w.name('bench', 'washedLabelStruckOff');

/** All that was ever in a bottle, and when it was washed. */
export const BottleHistory = ({ history }: { history: Event[] }) => (
  <>
    <h2 className="mt-5 mb-1">{w.name('bench', 'whatHasBeenInIt')}</h2>
    {history.length === 0 ? (
      <p className="soft">{w.name('bench', 'nothingYet')}</p>
    ) : (
      <table className="ledger max-w-[640px]" aria-label={w.name('bench', 'historyOfTheBottle')}>
        <thead>
          <tr>
            <th>{w.name('bench', 'when')}</th>
            <th>{w.name('bench', 'what')}</th>
            <th>{w.name('bench', 'who')}</th>
          </tr>
        </thead>
        <tbody>
          {history.map((event, i) => (
            <tr key={i}>
              <td className="fig">{momentOf(event.at)}</td>
              <td>{whatOf(event)}</td>
              <td>{event.by}</td>
            </tr>
          ))}
        </tbody>
      </table>
    )}
  </>
);
