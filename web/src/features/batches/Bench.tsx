import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type BatchRow } from '@zymostat/contract';
import { strengthShort, strengthOf } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { activeFacts } from '@zymostat/core';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { useBatchesQuery } from './api.ts';
import { useAppSelector } from '../../store/store.ts';
import { useKeys } from '../../ui/useKeys.ts';
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
            {w.name('active', batch.active)} {strengthShort(w, batch.active, batch.strength)}
          </b>
          <span className="small ml-auto">
            {over ? (
              <b className="font-semibold">{w.name('bench', 'pourAway')}</b>
            ) : batch.status === 'set-aside' ? (
              <b className="font-semibold">{w.name('bench', 'setAside')}</b>
            ) : (
              <span className="soft">
                {w.say('bench.until', { discardAfter: momentOf(batch.discardAfter) })}
              </span>
            )}
          </span>
        </span>
        <span className="small soft block">
          {batch.purpose === 'disinfect'
            ? w.say('bench.toDisinfect', {
                status:
                  batch.status === 'verified'
                    ? w.name('bench', 'verified')
                    : batch.status === 'set-aside'
                      ? w.name('bench', 'outOfStrength')
                      : w.name('bench', 'notCheckedYet2'),
              })
            : w.name('bench', 'toClean')}{' '}
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
  const { data: batches, error } = useBatchesQuery();
  const [chosenId, choose] = useState<string>();
  const now = useNow(30_000);
  const { state, key } = useLocation();
  const from = (state as PourFrom | null) ?? {};
  const isOver = (batch: BatchRow) => batch.discardAfter <= now || batch.status === 'set-aside';
  const good = batches?.filter((batch) => !isOver(batch)) ?? [];
  const over = batches?.filter(isOver) ?? [];
  const groups = [
    { title: w.name('bench', 'inUse'), list: good },
    { title: w.name('bench', 'pastTheirTimeOrSet'), list: over },
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
      <section className="leaf" aria-label={w.name('bench', 'batches')}>
        <BenchHead>
          {chosen && (
            <button className="btn" onClick={() => choose(undefined)}>
              {rich('bench.pourABatchN', {
                soft: (text: ReactNode) => <span className="key">{text}</span>,
              })}
            </button>
          )}
        </BenchHead>
        <WentWrong error={error} />
        {batches?.length === 0 && <p className="soft">{w.name('bench', 'noBatchYetPourThe')}</p>}
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
      <section className="sheet" aria-label={chosen ? chosen.code : w.name('bench', 'pourABatch')}>
        {chosen ? (
          <BatchSheet
            batch={chosen}
            title={`${strengthOf(w, chosen.active, chosen.strength)} ${w.name('active', chosen.active)}`}
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
