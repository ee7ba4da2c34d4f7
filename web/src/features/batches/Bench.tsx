import { type BatchRow } from '@zymostat/contract';
import { strengthOf } from '@zymostat/words';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { useKeys } from '../../ui/useKeys.ts';
import { useNow } from '../../ui/useNow.ts';
import { walkKeys } from '../../ui/walk.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useBatchesQuery, useBottlesQuery } from './api.ts';
import { BatchList } from './BatchList.tsx';
import { BatchSheet } from './BatchSheet.tsx';
import { BenchHead } from './BenchHead.tsx';
import { PourSheet, type PourFrom } from './pour/PourSheet.tsx';
import { byStanding } from './standing.ts';

const titleOf = ({ active, strength }: BatchRow) =>
  `${strengthOf(w, active, strength)} ${w.name('active', active)}`;

/** The batches by standing, and which of them is looked at. */
const useBatches = () => {
  const { data: batches, error } = useBatchesQuery();
  const [chosenId, choose] = useState<string>();
  const now = useNow(30_000);
  const { data: bottles = [] } = useBottlesQuery();
  const { inUse, pourAway, earlier } = byStanding(batches ?? [], bottles, now);
  const chosen = batches?.find((batch) => batch.id === chosenId);
  const ids = [...inUse, ...pourAway].map((batch) => batch.id);
  useKeys({ n: () => choose(undefined), ...walkKeys(ids, chosenId, choose) });
  return { none: batches?.length === 0, inUse, pourAway, earlier, chosen, choose, now, error };
};

const PourAnother = ({ onPour }: { onPour: () => void }) => (
  <button className="btn" onClick={onPour}>
    {rich('bench.pourABatchN', { soft: (text) => <span className="key">{text}</span> })}
  </button>
);

/** What to pour, in what order, and what the batch then is. */
const Bench = () => {
  const { none, inUse, pourAway, earlier, chosen, choose, now, error } = useBatches();
  const { state, key } = useLocation();
  const from = (state as PourFrom | null) ?? {};
  const list = { chosenId: chosen?.id, now, onChoose: choose };
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('bench', 'batches')}>
        <BenchHead>{chosen && <PourAnother onPour={() => choose(undefined)} />}</BenchHead>
        <WentWrong error={error} />
        {none && <p className="soft">{w.name('bench', 'noBatchYetPourThe')}</p>}
        <BatchList title={w.name('bench', 'inUse')} batches={inUse} {...list} />
        <BatchList title={w.name('bench', 'pastTheirTimeOrSet')} batches={pourAway} {...list} />
        {earlier.length > 0 && (
          <details open={earlier.includes(chosen!)}>
            <summary className="soft min-h-8 cursor-pointer">
              {w.say('bench.earlier', { count: earlier.length })}
            </summary>
            <BatchList title={w.name('bench', 'inNoBottle')} batches={earlier} {...list} />
          </details>
        )}
      </section>
      <section className="sheet" aria-label={chosen ? chosen.code : w.name('bench', 'pourABatch')}>
        {chosen ? (
          <BatchSheet batch={chosen} title={titleOf(chosen)} now={now} />
        ) : (
          <PourSheet key={key} from={from} onPoured={(batch) => choose(batch.id)} />
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default Bench;
