import type { BatchFacts } from '@zymostat/contract';
import { labelWords } from '@zymostat/words';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBook } from '../../api/useBook.ts';
import { Choice } from '../../ui/form/Choice.tsx';
import { w } from '../../words/words.ts';
import { Label } from './Label.tsx';

/** Labels of 62 × 100 mm that fit an A4 sheet: a sheet that was begun goes on where it was left. */
const PER_SHEET = 6;
const upToSheet = Array.from({ length: PER_SHEET }, (_, i) => ({
  value: i + 1,
  name: String(i + 1),
}));

const hrefOf = (batchId: string, size: string, copies: number, place = 1) =>
  `/api/batches/${batchId}/label.pdf?size=${size}&copies=${copies}&place=${place}`;

const Print = ({ href, name }: { href: string; name: string }) => (
  <a className="btn btn--quiet mb-1.5" href={href} target="_blank" rel="noreferrer">
    {name}
  </a>
);

/** The way to the label's PDF in two sizes. */
const PrintLabel = ({ batchId }: { batchId: string }) => {
  const [copies, setCopies] = useState(PER_SHEET);
  const [place, setPlace] = useState(1);
  return (
    <div className="mt-2 mb-3 flex flex-wrap items-end gap-4">
      <Choice
        className="w-28"
        label={w.name('bench', 'howMany')}
        value={copies}
        onChange={setCopies}
        options={upToSheet}
      />
      <Choice
        className="w-44"
        label={w.name('bench', 'firstPlaceOnTheSheet')}
        value={place}
        onChange={setPlace}
        options={upToSheet}
      />
      <Print
        href={hrefOf(batchId, '62x100', copies, place)}
        name={w.say('bench.printOf62100Mm', { copies })}
      />
      <Print href={hrefOf(batchId, 'A6', 1)} name={w.name('bench', 'printOneOnA6')} />
    </div>
  );
};

/** The label of a batch, and the way to its PDF. */
export const LabelPreview = ({ batch }: { batch: BatchFacts }) => {
  const { data: me } = useMeQuery();
  const book = useBook();
  if (!me) return null;
  const { company } = me;
  return (
    <section className="mt-5 border-t border-ink pt-3" aria-label={w.name('bench', 'label')}>
      <h2>{w.name('bench', 'label')}</h2>
      <PrintLabel batchId={batch.id} />
      <div className="max-w-[340px]">
        <Label label={labelWords(w, batch, { company, rules: company.houseRules, book })} />
      </div>
    </section>
  );
};
