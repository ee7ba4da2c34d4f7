import type { BatchRow, BottleRow } from '@zymostat/contract';
import { isUsedUp, judgeBottle } from '@zymostat/core';
import { strengthShort } from '@zymostat/words';
import { useState } from 'react';
import { useBook } from '../../api/useBook.ts';
import { Choice } from '../../ui/form/Choice.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { ReasonList } from '../../ui/ReasonList.tsx';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import { useBatchesQuery, useBottlesQuery, useFillBottleMutation } from '../batches/api.ts';
import { filledFrom } from '../batches/filledFrom.ts';
import { isOver } from '../batches/standing.ts';

/** Batches that a bottle may be filled from now. */
const useGoodBatches = (): BatchRow[] => {
  const { data: batches = [] } = useBatchesQuery();
  const { data: bottles = [] } = useBottlesQuery();
  const now = useNow(30_000);
  return batches.filter(
    (batch) => !isOver(batch, now) && !isUsedUp(batch.volume, filledFrom(bottles, batch.code)),
  );
};

const useFill = (bottle: BottleRow, batch: BatchRow | undefined, onFilled: () => void) => {
  const [fill, filling] = useFillBottleMutation();
  const book = useBook();
  const verdict = batch && judgeBottle(bottle, batch, book);
  const pour = async () => {
    if (!batch) return;
    const result = await fill({ id: bottle.id, body: { batchId: batch.id } });
    // What was just poured in is not judged against itself as if it were poured again.
    if (!result.error) onFilled();
  };
  const may = batch !== undefined && !filling.isLoading && verdict?.outcome !== 'never';
  return { pour, may, verdict, error: filling.error };
};

const nameOf = ({ code, active, strength }: BatchRow): string =>
  w.say('bench.batchName', {
    code,
    active: w.name('active', active),
    strength: strengthShort(w, active, strength),
  });

/** Fills a bottle from a batch, where what it held before allows it. */
export const FillBottle = ({ bottle }: { bottle: BottleRow }) => {
  const [batchId, setBatchId] = useState<string | null>(null);
  const good = useGoodBatches();
  const batch = good.find(({ id }) => id === batchId);
  const { pour, may, verdict, error } = useFill(bottle, batch, () => setBatchId(null));
  return (
    <section
      className="mt-4 max-w-[640px] border-t border-ink pt-3"
      aria-label={w.name('bench', 'fillIt')}
    >
      <h2 className="mb-2">{w.name('bench', 'fillIt')}</h2>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          className="min-w-60 grow"
          label={w.name('bench', 'fromTheBatch')}
          value={batchId}
          onChange={setBatchId}
          options={good.map((one) => ({ value: one.id, name: nameOf(one) }))}
        />
        <button className="btn btn--main" disabled={!may} onClick={() => void pour()}>
          {w.say('bench.fill', { code: bottle.code })}
        </button>
      </div>
      {verdict && <ReasonList of={verdict.reasons} />}
      <WentWrong error={error} />
    </section>
  );
};
