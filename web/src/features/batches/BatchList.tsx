import type { BatchRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { strengthShort } from '@zymostat/words';
import { useAppSelector } from '../../store/store.ts';
import { amountIn, inMetric } from '../../ui/amounts.ts';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { checkStanding, isPastItsTime } from './standing.ts';
import { ListRow } from '../../ui/ListRow.tsx';

interface RowProps {
  batch: BatchRow;
  chosen: boolean;
  now: number;
  onChoose: () => void;
}

/** How long it is good, or what is to be done with it. */
const Until = ({ batch, now }: Pick<RowProps, 'batch' | 'now'>) => {
  if (isPastItsTime(batch, now))
    return <b className="font-semibold">{w.name('bench', 'pourAway')}</b>;
  if (batch.status === 'set-aside')
    return <b className="font-semibold">{w.name('bench', 'setAside')}</b>;
  return (
    <span className="soft">
      {w.say('bench.until', { discardAfter: momentOf(batch.discardAfter) })}
    </span>
  );
};

const purposeOf = (batch: BatchRow): string =>
  batch.purpose === 'clean'
    ? w.name('bench', 'toClean')
    : w.say('bench.toDisinfect', { standing: checkStanding(batch) });

const BatchLine = ({ batch, chosen, now, onChoose }: RowProps) => {
  const units = useAppSelector((state) => state.units);
  const exact = inMetric(batch.volume);
  const amount = units === 'us' ? `${amountIn(units, batch.volume)}, ${exact}` : exact;
  return (
    <ListRow chosen={chosen} onChoose={onChoose}>
      <span className="flex items-baseline gap-3">
        <span className="fig">{batch.code}</span>
        <i
          className="stub stub--row fill self-center"
          data-family={activeFacts[batch.active].family}
        />
        <b className="font-semibold">
          {w.name('active', batch.active)} {strengthShort(w, batch.active, batch.strength)}
        </b>
        <span className="small ml-auto">
          <Until batch={batch} now={now} />
        </span>
      </span>
      <span className="small soft block">
        {purposeOf(batch)} · {amount} · {batch.madeBy}, {momentOf(batch.madeAt)}
      </span>
    </ListRow>
  );
};

interface Props {
  title: string;
  batches: BatchRow[];
  chosenId: string | undefined;
  now: number;
  onChoose: (id: string) => void;
}

/** Batches of one standing, a row each; nothing where there is none. */
export const BatchList = ({ title, batches, chosenId, now, onChoose }: Props) =>
  batches.length > 0 && (
    <section className="mb-4">
      <h2 className="mb-1">{title}</h2>
      <ul className="list">
        {batches.map((batch) => (
          <BatchLine
            key={batch.id}
            batch={batch}
            chosen={batch.id === chosenId}
            now={now}
            onChoose={() => onChoose(batch.id)}
          />
        ))}
      </ul>
    </section>
  );
