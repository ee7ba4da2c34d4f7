import type { Answer } from '@zymostat/contract';
import { WentWrong } from '../../../ui/parts.tsx';
import { dayOf } from '../../../ui/times.ts';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { useReadBookMutation } from '../api.ts';

type BookAnswer = Answer<'book'>;
type Reader = BookAnswer['readers'][number];

/** Whether one has read the book as it stands, and saying so. */
export const ReadByMe = ({
  edition,
  readEdition,
}: {
  edition: number;
  readEdition: number | null;
}) => {
  const [read, reading] = useReadBookMutation();
  if (readEdition === edition)
    return (
      <p className="mb-3">
        <b className="met-ink">{w.say('apart.youHaveReadEdition', { edition })}</b>
      </p>
    );
  return (
    <div className="notice mb-4">
      <p className="mb-2">
        <b>
          {readEdition === null
            ? w.name('apart', 'readItThroughOnce')
            : w.say('apart.itHasChangedSinceYou', { readEdition })}
        </b>{' '}
        {w.name('apart', 'everyRuleIsOnThis')}
      </p>
      <button
        className="btn btn--main"
        disabled={reading.isLoading}
        onClick={() => void read({ edition })}
      >
        {w.say('apart.iHaveReadEdition', { edition })}
      </button>
      <WentWrong error={reading.error} />
    </div>
  );
};

const HasRead = ({
  reader: { edition: read, at },
  edition,
}: {
  reader: Reader;
  edition: number;
}) => {
  if (read === null || at === null) return <b>{w.name('apart', 'notYet')}</b>;
  const when = { edition: read, at: dayOf(at) };
  return read === edition ? (
    <span className="met-ink">{w.say('apart.edition2', when)}</span>
  ) : (
    <b>{w.say('apart.onlyEdition', when)}</b>
  );
};

/** Who has read the book as it stands, and who an older one or none. */
export const WhoHasReadIt = ({ edition, readers }: Pick<BookAnswer, 'edition' | 'readers'>) => (
  <section aria-label={w.name('apart', 'whoHasReadIt')}>
    <h2>
      {rich('apart.whoHasReadItOf', {
        soft: (text) => <span className="soft font-normal">{text}</span>,
        have: readers.filter((one) => one.edition === edition).length,
        readersCount: readers.length,
      })}
    </h2>
    <table className="ledger mt-1">
      <tbody>
        {readers.map((reader) => (
          <tr key={reader.personId}>
            <td>
              <b className="font-semibold">{reader.name}</b>{' '}
              <span className="small soft">{w.name('role', reader.role)}</span>
            </td>
            <td>
              <HasRead reader={reader} edition={edition} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);
