import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { pictogramSvg, type BatchFacts } from '@zymostat/contract';
import { labelWords, type LabelWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBook } from '../../api/useBook.ts';
import { Choice } from '../../ui/Choice.tsx';
import { dateOf } from '../../ui/times.ts';

/** A label as it will be printed. */
export const Label = ({
  label,
}: {
  label: Omit<LabelWords, 'madeAt' | 'discardAfter' | 'code'> & {
    code: string;
    madeAt?: number;
    discardAfter?: number;
  };
}) => (
  <figure className="label" aria-label={w.name('bench', 'labelOfTheBottle')}>
    <figcaption className="label__head">
      <span>{label.company}</span>
      <span className="fig">{label.code}</span>
    </figcaption>
    <p className="label__name">{label.title}</p>
    <p>{label.strength}</p>
    <p className="soft">{label.purpose}</p>
    {(label.signal ?? label.pictograms.length > 0) && (
      <p className="label__warn flex items-center gap-2">
        {label.pictograms.map((one) => (
          <img
            key={one}
            className="h-9 w-9"
            alt={w.name('pictogram', one)}
            src={`data:image/svg+xml,${encodeURIComponent(pictogramSvg(one))}`}
          />
        ))}
        <b>{label.signal}</b>
      </p>
    )}
    <p className="label__warn">
      {label.statements.join(' ')} <span className="soft">{label.precautions.join(' ')}</span>
    </p>
    <p className="label__warn">
      <b>{w.name('bench', 'neverWith')}</b> {label.neverWith}.
    </p>
    {label.madeAt !== undefined && label.discardAfter !== undefined && (
      <p className="label__foot">
        <span>
          {rich('bench.made', {
            b: (text: ReactNode) => <b className="fig">{text}</b>,
            madeAt: dateOf(label.madeAt),
          })}
        </span>
        <span>
          {rich('bench.discardAfter', {
            b: (text: ReactNode) => <b className="fig">{text}</b>,
            discardAfter: dateOf(label.discardAfter),
          })}
        </span>
        <span>{w.say('bench.by', { madeBy: label.madeBy })}</span>
      </p>
    )}
  </figure>
);

/** Labels of 62 × 100 mm that fit an A4 sheet: a sheet that was begun goes on where it was left. */
const PER_SHEET = 6;
const upTo = (most: number) =>
  Array.from({ length: most }, (_, i) => ({ value: i + 1, name: String(i + 1) }));

/** The label of a batch, and the way to its PDF in two sizes. */
export const LabelPreview = ({ batch }: { batch: BatchFacts }) => {
  const { data: me } = useMeQuery();
  const book = useBook();
  const [copies, setCopies] = useState(6);
  const [place, setPlace] = useState(1);
  if (!me) return null;
  const href = (size: string, number: number, first = 1) =>
    `/api/batches/${batch.id}/label.pdf?size=${size}&copies=${number}&place=${first}`;
  return (
    <section className="mt-5 border-t border-ink pt-3" aria-label={w.name('bench', 'label')}>
      <h2>{w.name('bench', 'label')}</h2>
      <div className="mt-2 mb-3 flex flex-wrap items-end gap-4">
        <Choice
          className="w-28"
          label={w.name('bench', 'howMany')}
          value={copies}
          onChange={setCopies}
          options={upTo(PER_SHEET)}
        />
        <Choice
          className="w-44"
          label={w.name('bench', 'firstPlaceOnTheSheet')}
          value={place}
          onChange={setPlace}
          options={upTo(PER_SHEET)}
        />
        <a
          className="btn btn--quiet mb-1.5"
          href={href('62x100', copies, place)}
          target="_blank"
          rel="noreferrer"
        >
          {w.say('bench.printOf62100Mm', { copies })}
        </a>
        <a className="btn btn--quiet mb-1.5" href={href('A6', 1)} target="_blank" rel="noreferrer">
          {w.name('bench', 'printOneOnA6')}
        </a>
      </div>
      <div className="max-w-[340px]">
        <Label
          label={labelWords(w, batch, { company: me.company, rules: me.company.houseRules, book })}
        />
      </div>
    </section>
  );
};
