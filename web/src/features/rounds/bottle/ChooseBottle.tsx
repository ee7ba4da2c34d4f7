import type { BatchRow } from '@zymostat/contract';
import type { Reason } from '@zymostat/core';
import { lazy, Suspense, useState } from 'react';
import { w } from '../../../words/words.ts';
import { useBottlesQuery } from '../../batches/api.ts';
import { ScreenTitle } from '../ScreenTitle.tsx';
import { Top } from '../Top.tsx';
import type { RoundWork } from '../useRoundWork.ts';
import { whatIsIn } from './bottleName.ts';
import { BottleRow } from './BottleRow.tsx';
import { typedBottle } from './typedBottle.ts';

const Scan = lazy(() => import('../../../ui/Scan.tsx'));

interface TypeProps {
  missed: string | null;
  onCode: (code: string) => void;
}

/** Its code as it stands on the label, typed in whatever way. */
const Type = ({ missed, onCode }: TypeProps) => {
  const [text, setText] = useState('');
  return (
    <form
      className="bottle__type"
      onSubmit={(event) => {
        event.preventDefault();
        onCode(text);
      }}
    >
      <label className="field">
        <small>{w.name('round', 'codeOnTheLabel')}</small>
        <input
          value={text}
          autoCapitalize="characters"
          autoComplete="off"
          onChange={({ target }) => setText(target.value)}
        />
      </label>
      <button className="btn">{w.name('round', 'find')}</button>
      {missed !== null && (
        <p role="alert" className="never-ink">
          {w.say('round.noSuchBottle', { text: missed })}
        </p>
      )}
    </form>
  );
};

interface Judged {
  row: BatchRow;
  against: readonly Reason[];
}

/** Of what is alike the first, which was made last: the others are asked for. */
const isNewest = ({ row }: Judged, judged: readonly Judged[]): boolean =>
  judged.find((other) => whatIsIn(other.row) === whatIsIn(row))?.row === row;

interface RowsProps {
  judged: readonly Judged[];
  hand: string | null;
  onTake: (row: BatchRow) => void;
}

const Rows = ({ judged, hand, onTake }: RowsProps) => (
  <ul className="lines">
    {judged.map(({ row, against }) => (
      <BottleRow
        key={row.id}
        row={row}
        against={against}
        inHand={row.id === hand}
        onTake={() => onTake(row)}
      />
    ))}
  </ul>
);

interface Props {
  work: RoundWork;
  home: string;
  onClose: () => void;
}

/** Which bottle is in the hand: scanned, typed or tapped, judged as it is taken, once. */
export const ChooseBottle = ({ work, home, onClose }: Props) => {
  const { current, rows, hand, now, against, onHand } = work;
  const { data: bottles = [] } = useBottlesQuery();
  const [scanning, scan] = useState(false);
  const [missed, miss] = useState<string | null>(null);
  const judged = rows
    .map((row) => ({ row, against: against(current, row.id, now) }))
    .sort((a, b) => Number(a.against.length > 0) - Number(b.against.length > 0));
  const newest = judged.filter((one) => isNewest(one, judged) || one.row.id === hand);
  const older = judged.filter((one) => !newest.includes(one));
  const take = ({ id }: BatchRow) => {
    onClose();
    onHand(id);
  };
  const byCode = (code: string) => {
    scan(false);
    const found = typedBottle(code, rows, bottles);
    if (found) take(found);
    else miss(code);
  };
  return (
    <main className="phone">
      <Top room={current.roomName} home={home} />
      <section className="phone__surface">
        <ScreenTitle>{w.name('round', 'whichBottleIsInYour')}</ScreenTitle>
        <p className="soft">{w.say('round.forSurface', { name: current.surface.name })}</p>
      </section>
      <div className="phone__acts">
        <button className="btn" onClick={() => scan(true)}>
          {w.name('round', 'scanItsCode')}
        </button>
        <button className="btn" onClick={onClose}>
          {w.name('round', 'back')}
        </button>
      </div>
      {scanning && (
        <Suspense>
          <Scan onCode={byCode} onClose={() => scan(false)} />
        </Suspense>
      )}
      <Type missed={missed} onCode={byCode} />
      <h2 className="lines__head">{w.name('round', 'orTapIt')}</h2>
      <Rows judged={newest} hand={hand} onTake={take} />
      {older.length > 0 && (
        <details>
          <summary className="lines__head min-h-11 cursor-pointer">
            {w.say('round.olderBottles', { count: older.length })}
          </summary>
          <Rows judged={older} hand={hand} onTake={take} />
        </details>
      )}
    </main>
  );
};
