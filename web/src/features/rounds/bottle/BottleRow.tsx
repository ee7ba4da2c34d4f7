import type { BatchRow } from '@zymostat/contract';
import type { Reason } from '@zymostat/core';
import { reasonInWords } from '@zymostat/words';
import { momentOf } from '../../../ui/times.ts';
import { w } from '../../../words/words.ts';
import { familyOf, whatIsIn } from './bottleName.ts';

interface Props {
  row: BatchRow;
  /** What speaks against it at this surface now. */
  against: readonly Reason[];
  inHand: boolean;
  onTake: () => void;
}

/** What would hurt somebody; the rest is only not what is set here. */
const isDanger = ({ code }: Reason): boolean =>
  ['must-not-meet', 'waits-for', 'meets-in-bowl', 'on-unknown', 'nearby-unknown'].includes(code);

/** One bottle to be taken; barred where it must not come here, with why. */
export const BottleRow = ({ row, against, inHand, onTake }: Props) => {
  const [worst] = [...against].sort((a, b) => Number(isDanger(b)) - Number(isDanger(a)));
  return (
    <li>
      <button
        className="lines__row bottle"
        aria-current={inHand || undefined}
        data-barred={worst ? '' : undefined}
        onClick={onTake}
      >
        <i className="bottle__slab fill" data-family={familyOf(row)} />
        <span>
          <b>{whatIsIn(row)}</b>
          <small>
            {w.say('round.goodUntil', { code: row.code, until: momentOf(row.discardAfter) })}
          </small>
          {worst && !isDanger(worst) && <small>{reasonInWords(w, worst)}</small>}
        </span>
      </button>
      {worst && isDanger(worst) && (
        <p className="bar-never">
          <b>{w.name('round', 'never')}</b>
          <span>{reasonInWords(w, worst)}</span>
        </p>
      )}
    </li>
  );
};
