import { activeNames, strengthOf, strengthShort, type BatchRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { api } from '../../app/api.ts';
import { useAppSelector } from '../../app/store.ts';
import { useKeys } from '../../app/useKeys.ts';
import { amountIn, inMetric } from '../../ui/amounts.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { walkKeys } from '../../ui/walk.ts';
import { BatchSheet } from './BatchSheet.tsx';
import { BenchHead } from './BenchHead.tsx';
import { PourSheet, type PourFrom } from './PourSheet.tsx';

const BatchLine = ({
  batch,
  chosen,
  now,
  onChoose,
}: {
  batch: BatchRow;
  chosen: boolean;
  now: number;
  onChoose: () => void;
}) => {
  const units = useAppSelector((state) => state.units);
  const { family } = activeFacts[batch.active];
  const over = batch.discardAfter <= now;
  return (
    <li>
      <button
        className={`list__row ${chosen ? 'on-ink' : ''}`}
        aria-current={chosen || undefined}
        onClick={onChoose}
      >
        <span className="flex items-baseline gap-3">
          <span className="fig">{batch.code}</span>
          <i className="stub stub--row fill self-center" data-family={family} />
          <b className="font-semibold">
            {activeNames[batch.active]} {strengthShort(batch.active, batch.strength)}
          </b>
          <span className="small ml-auto">
            {over ? (
              <b className="font-semibold">pour away</b>
            ) : batch.status === 'set-aside' ? (
              <b className="font-semibold">set aside</b>
            ) : (
              <span className="soft">until {momentOf(batch.discardAfter)}</span>
            )}
          </span>
        </span>
        <span className="small soft block">
          {batch.purpose === 'disinfect'
            ? `to disinfect, ${batch.status === 'verified' ? 'verified' : batch.status === 'set-aside' ? 'out of strength' : 'not checked yet'}`
            : 'to clean'}{' '}
          ·{' '}
          {units === 'us'
            ? `${amountIn(units, batch.volume)}, ${inMetric(batch.volume)}`
            : inMetric(batch.volume)}{' '}
          · {batch.madeBy}, {momentOf(batch.madeAt)}
        </span>
      </button>
    </li>
  );
};

/** What to pour, in what order, and what the batch then is. */
const Bench = () => {
  const { data: batches, error } = api.useBatchesQuery();
  const [chosenId, choose] = useState<string>();
  const now = useNow(30_000);
  const { state, key } = useLocation();
  const from = (state as PourFrom | null) ?? {};
  const isOver = (batch: BatchRow) => batch.discardAfter <= now || batch.status === 'set-aside';
  const good = batches?.filter((batch) => !isOver(batch)) ?? [];
  const over = batches?.filter(isOver) ?? [];
  const groups = [
    { title: 'In use', list: good },
    { title: 'Past their time, or set aside', list: over },
  ];
  const chosen = batches?.find((batch) => batch.id === chosenId);
  useKeys({
    n: () => choose(undefined),
    ...walkKeys(
      [...good, ...over].map((batch) => batch.id),
      chosenId,
      choose,
    ),
  });
  return (
    <main className="leaves">
      <section className="leaf" aria-label="Batches">
        <BenchHead>
          {chosen && (
            <button className="btn" onClick={() => choose(undefined)}>
              Pour a batch <span className="key">n</span>
            </button>
          )}
        </BenchHead>
        <WentWrong error={error} />
        {batches?.length === 0 && (
          <p className="soft">No batch yet. Pour the first on the right.</p>
        )}
        {groups.map(
          ({ title, list }) =>
            list.length > 0 && (
              <section key={title} className="mb-4">
                <h2 className="mb-1">{title}</h2>
                <ul className="list">
                  {list.map((batch) => (
                    <BatchLine
                      key={batch.id}
                      batch={batch}
                      chosen={batch.id === chosenId}
                      now={now}
                      onChoose={() => choose(batch.id)}
                    />
                  ))}
                </ul>
              </section>
            ),
        )}
      </section>
      <section className="sheet" aria-label={chosen ? chosen.code : 'Pour a batch'}>
        {chosen ? (
          <BatchSheet
            batch={chosen}
            title={`${strengthOf(chosen.active, chosen.strength)} ${activeNames[chosen.active]}`}
            now={now}
          />
        ) : (
          <PourSheet key={key} from={from} onPoured={(batch) => choose(batch.id)} />
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default Bench;
